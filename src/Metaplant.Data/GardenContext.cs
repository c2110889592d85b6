using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>The garden: one SQLite file.</summary>
public sealed class GardenContext(DbContextOptions<GardenContext> options) : DbContext(options)
{
    public DbSet<ThingRow> Things => Set<ThingRow>();

    public DbSet<PhotoRow> Photos => Set<PhotoRow>();

    public DbSet<ProjectRow> Projects => Set<ProjectRow>();

    public DbSet<AllocationRow> Allocations => Set<AllocationRow>();

    public DbSet<TickRow> Ticks => Set<TickRow>();

    public DbSet<SettingRow> Settings => Set<SettingRow>();

    public DbSet<JournalRow> Journal => Set<JournalRow>();

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
        modelBuilder.Entity<AllocationRow>(e =>
        {
            e.ToTable("Allocations");
            e.HasKey(a => new { a.ProjectId, a.ThingId });
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
}
