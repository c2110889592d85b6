using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>What tests of one design share: built on the drawing board of the first thing of a heap.</summary>
internal static class Build
{
    public static readonly Brief Firm = Brief.Default with { GroundId = "firm-sand" };

    public static Fit Built(string design, Heap heap, Brief brief, params (string Id, double Value)[] set)
    {
        var d = Catalogue.Find(design)!;
        return DrawingBoard.FindLead(d, heap, "1").Then(l => DrawingBoard.Open(d, l, set.ToDictionary(s => s.Id, s => s.Value), brief, heap)).OrThrow().Fit;
    }

    public static Check Of(Fit fit, string id) => fit.Assessment.Hold.Checks.Single(c => c.Id == id);

    public static Check Drains(Fit fit, string id) => fit.Assessment.Drain.Checks.Single(c => c.Id == id);

    public static double Minutes(Fit fit, string id) => fit.Blueprint.Operations().Single(o => o.Id == id).Minutes;

    public static Operation Step(Fit fit, string id) => fit.Blueprint.Operations().Single(o => o.Id == id);

    public static Part Part(Fit fit, string id) => fit.Blueprint.Parts.Single(p => p.Id == id);

    public static string WhyNot(string design, Thing thing) => Leads.Of(Catalogue.Find(design)!, Core.Stock.Stockroom.Of(A.Heap(thing))).Others.Single().Why.ToString();
}
