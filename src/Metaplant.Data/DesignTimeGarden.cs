using Metaplant.Data.Files;
using Microsoft.EntityFrameworkCore.Design;

namespace Metaplant.Data;

/// <summary>Gives the migration tool a garden to look at; never used when the application runs.</summary>
internal sealed class DesignTimeGarden : IDesignTimeDbContextFactory<GardenContext>
{
    public GardenContext CreateDbContext(string[] args) => new(new GardenFile(Path.Combine(Path.GetTempPath(), "metaplant-design")).Options);
}
