using Metaplant.Core.Drawing;
using Metaplant.Core.Matching;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Building;

/// <summary>Every picture there is of a design on the drawing board, by name, each made only when somebody looks.</summary>
public static class Gallery
{
    public const string Apart = "apart";

    /// <summary>
    /// "front", "plan", "section" with what was found laid over them; "side"; "corner-0" to "corner-3"; "apart"; "step-" and the id of a step that places something; "part-" and the id of a part; "template-" and its number from 0.
    /// Null where there is no such picture.
    /// </summary>
    public static View? Picture(Board board, BuildPlan plan, string name)
    {
        var scene = board.Scene;
        var after = name.IndexOf('-', StringComparison.Ordinal) is > 0 and var dash ? name[(dash + 1)..] : "";
        return name switch
        {
            "side" => Pictures.Draw(scene, Camera.Side),
            Apart => Pictures.Draw(scene.TakenApart(), Camera.Corner(0)) with { Id = Apart, Title = "Taken apart" },
            _ when name.StartsWith("corner-", StringComparison.Ordinal) => int.TryParse(after, out var corner) && corner is >= 0 and < Camera.Corners ? Pictures.Draw(scene, Camera.Corner(corner)) : null,
            _ when name.StartsWith("step-", StringComparison.Ordinal) => Step(board, plan, after),
            _ when name.StartsWith("part-", StringComparison.Ordinal) => Pictures.Part(scene, after),
            _ when name.StartsWith("template-", StringComparison.Ordinal) => int.TryParse(after, out var n) && n >= 0 && n < plan.Templates.Count ? plan.Templates[n].View : null,
            _ => board.Views.FirstOrDefault(v => v.Id == name),
        };
    }

    /// <summary>The picture to be shown when it can no longer be drawn: from a corner, as SVG.</summary>
    public static string LastPicture(Fit fit) => SvgWriter.Write(Pictures.Draw(fit.Blueprint.Scene(), Camera.Corner(0)), Teller.Metric);

    /// <summary>What stands already in grey, and what a step adds in colour; null for a step that places nothing.</summary>
    private static View? Step(Board board, BuildPlan plan, string id)
    {
        if (plan.Steps.FirstOrDefault(s => s.Id == id) is not { Places.Count: > 0 } step) return null;
        var before = plan.Steps.Where(s => s.Number < step.Number).SelectMany(s => s.Places).ToHashSet(StringComparer.Ordinal);
        var shown = before.Concat(step.Places).ToHashSet(StringComparer.Ordinal);
        before.ExceptWith(step.Places);
        var scene = board.Scene.Only(shown);
        return scene.Solids.Count == 0 ? null : Pictures.Draw(scene, Camera.Corner(0), before) with { Id = $"step-{id}", Title = step.Title.ToString() };
    }
}
