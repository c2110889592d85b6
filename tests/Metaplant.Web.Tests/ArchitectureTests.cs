using ArchUnitNET.Domain;
using ArchUnitNET.Fluent;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using Metaplant.Core.Designs;
using Metaplant.Data;

namespace Metaplant.Web.Tests;

/// <summary>Dependencies point one way: Web, Data, Core.</summary>
public class ArchitectureTests
{
    private static readonly ArchUnitNET.Domain.Architecture Code = new ArchLoader().LoadAssemblies(typeof(Design).Assembly, typeof(GardenContext).Assembly, typeof(GardenServer).Assembly, typeof(Program).Assembly).Build();

    [Fact]
    public void The_core_knows_nothing_above_it()
        => ArchRuleDefinition.Types().That().ResideInNamespaceMatching("^Metaplant\\.Core").Should().NotDependOnAnyTypesThat().ResideInNamespaceMatching("^Metaplant\\.(Data|Web)").Check(Code);

    [Fact]
    public void The_data_know_nothing_of_the_web()
        => ArchRuleDefinition.Types().That().ResideInNamespaceMatching("^Metaplant\\.Data").Should().NotDependOnAnyTypesThat().ResideInNamespaceMatching("^Metaplant\\.Web").Check(Code);

    [Fact]
    public void The_core_reads_no_files_no_clock_no_database_and_no_json()
    {
        var names = typeof(Design).Assembly.GetReferencedAssemblies().Select(a => a.Name!).ToList();
        names.ShouldNotContain(n => n.StartsWith("Microsoft.") || n.Contains("Json") || n.Contains("Http") || n.Contains("FileSystem"));
    }

    [Fact]
    public void Formulas_know_nothing_of_designs()
        => ArchRuleDefinition.Types().That().ResideInNamespaceMatching("^Metaplant\\.Core\\.(Sums|Geometry|Materials|Reinforcement|Drainage)").Should()
            .NotDependOnAnyTypesThat().ResideInNamespaceMatching("^Metaplant\\.Core\\.(Designs|Assessing|Matching|Building|Salvage)").Check(Code);
}
