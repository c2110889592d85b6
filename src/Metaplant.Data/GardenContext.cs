using Metaplant.Data.Settings;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Metaplant.Data;

/// <summary>The garden: one SQLite file.</summary>
public sealed class GardenContext(DbContextOptions<GardenContext> options) : DbContext(options)
{
    public DbSet<ThingRow> Things => Set<ThingRow>();

    public DbSet<PhotoRow> Photos => Set<PhotoRow>();

    public DbSet<ProjectRow> Projects => Set<ProjectRow>();

    public DbSet<AllocationRow> Allocations => Set<AllocationRow>();

    public DbSet<TickRow> Ticks => Set<TickRow>();

    public DbSet<PlaceRow> Places => Set<PlaceRow>();

    public DbSet<SettingRow> Settings => Set<SettingRow>();

    public DbSet<JournalRow> Journal => Set<JournalRow>();

    /// <summary>All that was saved in this turn to write, also what was rolled back since. A context is used again, so that <see cref="WriteGate.EnterAsync"/> begins it anew.</summary>
    public GardenParts Changed { get; internal set; }

    public override Task<int> SaveChangesAsync(bool acceptAllChangesOnSuccess, CancellationToken cancellationToken = default)
    {
        foreach (var entry in ChangeTracker.Entries())
        {
            if (entry.State is EntityState.Added or EntityState.Modified or EntityState.Deleted) Changed |= PartOf(entry);
        }

        return base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellationToken);
    }

    private static GardenParts PartOf(EntityEntry entry) => entry.Entity switch
    {
        ThingRow => GardenParts.Heap,
        PhotoRow => GardenParts.Photographs,
        AllocationRow => GardenParts.Heap | GardenParts.Projects,
        ProjectRow project => GardenParts.Projects | (StandsOtherwise(entry, project) ? GardenParts.Standing : GardenParts.None),
        TickRow => GardenParts.Projects,
        PlaceRow => GardenParts.Plan,
        SettingRow { Key: SettingRows.Site } => GardenParts.Plan,
        SettingRow setting => SettingRows.IsTool(setting.Key) ? GardenParts.Shelf : GardenParts.Settings,
        _ => GardenParts.None,
    };

    /// <summary>Whether the plan shows something else after this: a project set down, moved or taken up, or one that stands there and is called or sized otherwise.</summary>
    private static bool StandsOtherwise(EntityEntry entry, ProjectRow project) => entry.State == EntityState.Modified
        ? new[] { nameof(project.SpotId), nameof(project.Stands), nameof(project.Name) }.Any(p => entry.Property(p).IsModified) && (project.SpotId ?? (int?)entry.OriginalValues[nameof(project.SpotId)]) is not null
        : project.SpotId is not null;

    /// <summary>Times are kept in UTC and come back as UTC, so that a row read again is the row that was journalled.</summary>
    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder) => configurationBuilder.Properties<DateTime>().HaveConversion<Utc>();

    private sealed class Utc() : ValueConverter<DateTime, DateTime>(at => at, at => DateTime.SpecifyKind(at, DateTimeKind.Utc));

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<ThingRow>(e =>
        {
            e.ToTable("Things");
            e.HasIndex(t => t.Number).IsUnique();
            e.HasIndex(t => t.Kind);
            e.Property(t => t.Name).HasMaxLength(80);
            e.Property(t => t.History).HasDefaultValue("[]");
            e.Property(t => t.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<PhotoRow>(e =>
        {
            e.ToTable("Photos");
            e.HasIndex(p => p.ThingId);
            e.Property(p => p.File).HasMaxLength(40);
            e.HasOne<ThingRow>().WithMany().HasForeignKey(p => p.ThingId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<ProjectRow>(e =>
        {
            e.ToTable("Projects");
            e.Property(p => p.Name).HasMaxLength(80);
            e.Property(p => p.Site).HasDefaultValue("Soil");
            e.Property(p => p.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<PlaceRow>(e =>
        {
            e.ToTable("Places");
            e.Property(p => p.Name).HasMaxLength(60);
            e.Property(p => p.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<AllocationRow>(e =>
        {
            e.ToTable("Allocations");
            e.HasKey(a => new { a.ProjectId, a.ThingId });
            e.Property(a => a.Taken).HasDefaultValue("[]");
            e.HasOne(a => a.Project).WithMany().HasForeignKey(a => a.ProjectId).OnDelete(DeleteBehavior.Restrict);
            e.HasOne<ThingRow>().WithMany().HasForeignKey(a => a.ThingId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<TickRow>(e =>
        {
            e.ToTable("Ticks");
            e.HasKey(t => new { t.ProjectId, t.Step });
            e.HasOne<ProjectRow>().WithMany().HasForeignKey(t => t.ProjectId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<SettingRow>(e =>
        {
            e.ToTable("Settings");
            e.HasKey(s => s.Key);
        });
        modelBuilder.Entity<JournalRow>().ToTable("Journal");
    }

    /// <summary>Names of all photographs' files that the garden or its journal knows.</summary>
    public IReadOnlySet<string> PhotosNamed()
        => (HashSet<string>)[.. Photos.Select(p => p.File).AsEnumerable(), .. Journal.Where(j => j.Changes.Contains(typeof(PhotoRow).FullName!)).Select(j => j.Changes).AsEnumerable().SelectMany(PhotosIn)];

    /// <summary>False in a garden of a form from before there were photographs.</summary>
    internal bool HasPhotographs() => Database.SqlQueryRaw<int>("SELECT count(*) AS Value FROM sqlite_master WHERE name = 'Photos'").Single() > 0;

    private static IEnumerable<string> PhotosIn(string changes)
        => (Data.Journal.Changes(changes) ?? []).Where(c => c.Table == typeof(PhotoRow).FullName).Select(c => (c.After ?? c.Before)!.GetValueOrDefault(nameof(PhotoRow.File)).ToString());
}
