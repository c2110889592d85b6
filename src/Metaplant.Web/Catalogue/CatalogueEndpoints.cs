using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Web.Drawing;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Metaplant.Web.Catalogue;

public sealed record FieldDto(string Id, string Name, Unit Unit, double Least, double Greatest, double Typical, Sentence Hint, bool Quick);

/// <summary>A stuff that things are made of.</summary>
/// <param name="NeverOn">Findings that cannot be on this stuff, and so are not asked about.</param>
public sealed record SubstanceDto(Substance Id, string Name, IReadOnlyList<string> NeverOn);

public sealed record GroundDto(string Id, string Name);

/// <summary>Somebody who may get in at a spot.</summary>
public sealed record VisitorDto(string Id, string Name);

public sealed record KindDto(string Id, string Name, string Group, IReadOnlyList<FieldDto> Fields, IReadOnlyList<SubstanceDto> Substances, IReadOnlyList<string> LookFor, IReadOnlyList<WalkQuestion> Walk, IReadOnlyList<ShapeDto> Silhouette);

public sealed record FindingDto(string Id, FindingGroup Group, string Words);

public sealed record CropDto(string Id, string Name, bool Edible, bool Climbs);

public sealed record MediumDto(string Id, string Name);

public sealed record SchoolDto(string Id, string Name, string Reason, Basis Basis);

public sealed record HouseRuleDto(string Id, string Question, IReadOnlyList<SchoolDto> Schools);

public sealed record ConstantDto(string Id, string Symbol, Sentence Meaning, double Value, Unit Unit, Evidence Evidence, string Source, double Least, double Greatest);

/// <summary>Constants that belong together.</summary>
public sealed record TableDto(string Title, IReadOnlyList<ConstantDto> Rows);

/// <summary>All that does not change while the application runs.</summary>
public sealed record CatalogueDto(
    IReadOnlyList<KindDto> Kinds, IReadOnlyList<FindingDto> Findings, IReadOnlyList<CropDto> Crops, IReadOnlyList<MediumDto> Media, IReadOnlyList<HouseRuleDto> HouseRules,
    IReadOnlyList<string> Tools, IReadOnlyList<GroundDto> Grounds, IReadOnlyList<VisitorDto> Visitors, IReadOnlyList<Core.Places.GroundTestHow> GroundTests);

internal static class CatalogueEndpoints
{
    private static readonly CatalogueDto All = new(
        [.. SalvageKinds.All.Select(k => new KindDto(
            k.Id, k.Name, k.Group, [.. k.Fields.Select(f => new FieldDto(f.Id, f.Name, f.Unit, f.Least, f.Greatest, f.Typical, f.Hint, f.Quick))], [.. k.Substances.Select(s => new SubstanceDto(s, s.Name(), [.. k.LookFor.Where(f => !Findings.Find(f)!.CanBeOn(s))]))], k.LookFor, Walk.For(k), [.. Typical(k).Select(ShapeDto.Of)]))],
        [.. Findings.All.Select(f => new FindingDto(f.Id, f.Group, f.Words))],
        [.. Crops.In(Handbook.Default).Select(c => new CropDto(c.Id, c.Name, c.Edible, c.Climbing != Core.Growing.Climbing.None))],
        [.. Media.Names.Select(m => new MediumDto(m.Id, m.Name))],
        [.. HouseRules.All.Select(r => new HouseRuleDto(r.Id, r.Question, [.. r.Schools.Select(s => new SchoolDto(s.Id, s.Name, s.Reason, s.Basis))]))],
        Core.Building.ToolShelf.All, [.. Core.Materials.Grounds.Names.Select(g => new GroundDto(g.Id, g.Name))], [.. Core.Places.Visitors.All.Select(v => new VisitorDto(v.Id, v.Name))], Core.Places.GroundTestHow.All);

    private static readonly TableDto[] Tables = [.. Handbook.Tables.Select(t => new TableDto(t.Title, [.. t.Rows.Select(c => new ConstantDto(c.Id, c.Symbol, c.Meaning, c.Value, c.Unit, c.Evidence, c.Source, c.Least, c.Greatest))]))];

    /// <summary>What a kind looks like at its typical measures.</summary>
    private static IReadOnlyList<Core.Drawing.Shape> Typical(SalvageKind kind) => kind.Silhouette(kind.Read(new Dictionary<string, double>()).OrThrow());

    public static void MapCatalogue(this IEndpointRouteBuilder api)
    {
        api.MapGet("/catalogue", Ok<CatalogueDto> () => TypedResults.Ok(All)).WithName("catalogue");
        // Apart from the rest, which every page needs: a thousand rows that are read only by who wants to change one.
        api.MapGet("/handbook", Ok<TableDto[]> () => TypedResults.Ok(Tables)).WithName("handbook");
    }
}
