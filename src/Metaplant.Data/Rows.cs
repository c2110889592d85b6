namespace Metaplant.Data;

/// <summary>A row that two people may edit at once: its version goes up with every change, and a change against an old version is refused.</summary>
public interface IVersioned
{
    int Version { get; set; }
}

/// <summary>A row whose changes are kept in the journal and can be undone.</summary>
public interface IJournaled;

/// <summary>A batch of things on the heap. What is searched or joined is a column; measures, findings and faults are JSON.</summary>
public sealed class ThingRow : IVersioned, IJournaled
{
    public int Id { get; set; }

    public int Number { get; set; }

    public required string Name { get; set; }

    public required string Kind { get; set; }

    public int Count { get; set; }

    public required string Substance { get; set; }

    public required string Measures { get; set; }

    public required string Findings { get; set; }

    public required string Faults { get; set; }

    /// <summary>What was seen on what it was cut or taken out of, as JSON.</summary>
    public string History { get; set; } = "[]";

    public string Place { get; set; } = "";

    public string Remark { get; set; } = "";

    /// <summary>Where it comes from.</summary>
    public string Source { get; set; } = "";

    /// <summary>Who said it may be taken.</summary>
    public string Permission { get; set; } = "";

    /// <summary>What the batch cost, in the garden's money; null when nothing is known.</summary>
    public double? Cost { get; set; }

    public bool KeepDry { get; set; }

    public DateOnly? UseBefore { get; set; }

    /// <summary>The thing it was taken or cut out of.</summary>
    public int? ParentId { get; set; }

    /// <summary>True of what lies here no more, or not yet.</summary>
    public bool Retired { get; set; }

    /// <summary>The day it was seen where it lies elsewhere, to be fetched or forgotten; null for what lies or lay here. Such a row is retired as well, so that nothing is made of it.</summary>
    public DateOnly? Seen { get; set; }

    public int Version { get; set; }
}

/// <summary>A photograph of a thing; the pictures themselves lie as files beside the garden.</summary>
public sealed class PhotoRow : IJournaled
{
    public int Id { get; set; }

    public int ThingId { get; set; }

    /// <summary>Name of its file without ending, by chance so that nobody can guess it.</summary>
    public required string File { get; set; }

    public int Width { get; set; }

    public int Height { get; set; }

    public DateTime At { get; set; }
}

/// <summary>A design kept with its settings.</summary>
public sealed class ProjectRow : IVersioned, IJournaled
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public required string Design { get; set; }

    public required string Source { get; set; }

    public required string Settings { get; set; }

    public required string Medium { get; set; }

    public string? Crop { get; set; }

    public required string Exposure { get; set; }

    public bool PeopleAtEdge { get; set; }

    public string Site { get; set; } = "Soil";

    /// <summary>The row of grounds it stands in; null where nobody has looked.</summary>
    public string? Ground { get; set; }

    /// <summary>The edition of its design that it was drawn by; 0 in gardens from before designs had editions.</summary>
    public int Edition { get; set; }

    /// <summary>Every piece it is made of, as it was chosen when it was kept, as JSON; null in gardens from before pieces were kept.</summary>
    public string? Cast { get; set; }

    /// <summary>How far it has come in being made, as JSON; null while nothing has begun.</summary>
    public string? Making { get; set; }

    /// <summary>The spot of the plan it is for; null where none was named.</summary>
    public int? SpotId { get; set; }

    /// <summary>Where it stands on the plan and what room it takes there, as JSON; null while it has not been set down.</summary>
    public string? Stands { get; set; }

    /// <summary>What it is to be filled with, as JSON; null while the house rule proposes.</summary>
    public string? Filling { get; set; }

    /// <summary>What it looked like when it was last kept, as SVG, for when it can no longer be drawn; null in gardens from before.</summary>
    public string? Picture { get; set; }

    public int Version { get; set; }
}

/// <summary>Something on the plan of the garden, as it was typed.</summary>
public sealed class PlaceRow : IVersioned, IJournaled
{
    public int Id { get; set; }

    public required string Sort { get; set; }

    public required string Name { get; set; }

    /// <summary>Its <see cref="Core.Places.PlaceDraft"/> as JSON.</summary>
    public required string Drawn { get; set; }

    public int Version { get; set; }
}

/// <summary>So many of a batch spoken for by a project.</summary>
public sealed class AllocationRow : IJournaled
{
    public int ProjectId { get; set; }

    /// <summary>Set when the project is new and has no id yet.</summary>
    public ProjectRow? Project { get; set; }

    public int ThingId { get; set; }

    /// <summary>Units taken whole.</summary>
    public int Count { get; set; }

    /// <summary>What is taken of which unit, whole or in part, as JSON; empty in gardens from before parts could be taken, where it is the first so many that are free.</summary>
    public string Taken { get; set; } = "[]";
}

/// <summary>A step of a project that is done.</summary>
public sealed class TickRow : IJournaled
{
    public int ProjectId { get; set; }

    public required string Step { get; set; }
}

/// <summary>One setting of the garden: its value as JSON by key.</summary>
public sealed class SettingRow : IJournaled
{
    public required string Key { get; set; }

    public required string Value { get; set; }
}

/// <summary>One change as it was made, with what it changed before and after.</summary>
public sealed class JournalRow
{
    public int Id { get; set; }

    public DateTime At { get; set; }

    public required string Words { get; set; }

    public bool Undone { get; set; }

    /// <summary>It could not be undone or redone once, and stands in nobody's way since.</summary>
    public bool PassedOver { get; set; }

    /// <summary>Of the changes, bytes.</summary>
    public int Size { get; set; }

    public required string Changes { get; set; }
}
