using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A part to be made: what it is, from which form, how big (m, largest first), how many. Views tie their shapes to parts by <see cref="Id"/>.
/// </summary>
public sealed record Part(string Id, string Name, Form Form, int Count, double Length, double Width, double Thickness);

/// <summary>How parts are joined: which two, with what, how many in all.</summary>
public sealed record Joint(string Name, string PartA, string PartB, string Fixing, int Count);

/// <summary>What a fill zone is for: the growing medium, or coarse stuff below it.</summary>
public sealed record FillZone(string Name, Vessel Space, double Depth)
{
    public double Volume => Space.VolumeTo(Depth);
}

/// <summary>Where plants go on a support: so many feet, what they climb.</summary>
/// <param name="Grip">The thinnest thing offered to climb, m across.</param>
/// <param name="Around">Length of the ring of feet, m.</param>
public sealed record ClimbingFrame(int Feet, double Grip, double Height, double Around);

/// <summary>How it is moved.</summary>
/// <param name="EmptyMass">kg, without soil.</param>
/// <param name="BuiltInPlace">True when it is put together where it stands and not carried.</param>
public sealed record Handling(double EmptyMass, bool BuiltInPlace);

/// <summary>Where soil stands in the section view, for laying pressure, water and sinking over it: from x0 to x1, the floor at y, soil depth in m, all in the view's own metres.</summary>
public sealed record SectionFrame(double X0, double X1, double Floor, double Depth);

/// <summary>
/// A design fixed in all its measures: geometry, parts, load paths and operations, but no verdicts. The same assessors read every blueprint.
/// </summary>
public sealed record Blueprint
{
    public required string DesignId { get; init; }

    /// <summary>Its size in a few words, in the gardener's manner: "4 boards high, 2 sections by 1".</summary>
    public required string Size { get; init; }

    public required IReadOnlyList<Part> Parts { get; init; }

    public IReadOnlyList<Joint> Joints { get; init; } = [];

    /// <summary>What it takes from the heap or the shop.</summary>
    public required IReadOnlyList<Need> Needs { get; init; }

    public IReadOnlyList<FillZone> Fill { get; init; } = [];

    /// <summary>The area to plant with its outline; null for a support.</summary>
    public Outline? Planting { get; init; }

    public ClimbingFrame? Climbing { get; init; }

    public required Foot Foot { get; init; }

    public required IReadOnlyList<LoadPath> LoadPaths { get; init; }

    /// <summary>Figures of its own that nothing is checked against, such as the length of line to wind it.</summary>
    public IReadOnlyList<Sum> Figures { get; init; } = [];

    public required Handling Handling { get; init; }

    public required Stance Stance { get; init; }

    /// <summary>
    /// Draws front, plan and section, in this order, with the centre of the planting outline at the plan's origin. Called only when somebody looks, since matching drafts hundreds.
    /// </summary>
    public required Func<IReadOnlyList<View>> Draw { get; init; }

    public SectionFrame? Section { get; init; }

    /// <summary>Steps in the order they are done.</summary>
    public required Func<IReadOnlyList<Operation>> Operations { get; init; }

    /// <summary>Working minutes of all steps, with <paramref name="salvageFactor"/> on those that salvage makes longer.</summary>
    public double MinutesWith(double salvageFactor) => Operations().Sum(o => o.MinutesWith(salvageFactor));

    /// <summary>How the things of the heap are cut that the cut plan does not lay out, such as sections out of pallets.</summary>
    public IReadOnlyList<SectionCut> SectionCuts { get; init; } = [];

    /// <summary>The farthest an arm must reach, m.</summary>
    public double Reach { get; init; }
}

/// <summary>Sections sawn out of one pallet: the first slats of each (from 1) and how many slats high.</summary>
/// <param name="Piece">Which of the batch, from 1.</param>
public sealed record SectionCut(int ThingId, int Piece, IReadOnlyList<int> FirstSlats, int Slats);
