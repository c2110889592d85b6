namespace Metaplant.Core.Materials;

/// <summary>
/// Marks a static class whose <c>Rows</c> are a table of the handbook; it is found by being there. The tables are shown in the order of their numbers.
/// </summary>
/// <param name="order">Unique among the tables.</param>
/// <param name="title">What a gardener calls the table.</param>
[AttributeUsage(AttributeTargets.Class)]
public sealed class TableAttribute(int order, string title) : Attribute
{
    public int Order => order;

    public string Title => title;
}
