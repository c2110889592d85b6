using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>What one shape holds, filled to a level or to the rim.</summary>
public abstract class VolumeCalculator : Calculator
{
    protected const string Level = "fillHeight";

    public sealed override Subject Subject => Subject.Grow;

    public sealed override IReadOnlyList<Onward> Onwards { get; } = [new("watering", "volume"), new("first-weeks", "volume"), new("top-dries", "volume")];

    /// <summary>The measures of the shape, without the level it is filled to.</summary>
    public abstract IReadOnlyList<Input> Measures { get; }

    public sealed override IReadOnlyList<Input> Inputs => [.. Measures, Ask.FillHeight()];

    protected abstract string Formula { get; }

    /// <summary>The shape; called once the measures have been read and can be together.</summary>
    public abstract Vessel Shape(Values v);

    /// <summary>Refuses measures that cannot be together.</summary>
    public virtual void CrossMeasures(Values v)
    {
    }

    public abstract IReadOnlyList<Term> Terms(Values v);

    /// <summary>The shape drawn with its soil, and its dimension lines.</summary>
    public abstract View Picture(Values v, double level);

    protected sealed override void Cross(Values v, Handbook handbook)
    {
        CrossMeasures(v);
        if (v.Problems.Count == 0 && v.Maybe(Level) is { } y) v.Refuse(y > Shape(v).Height * (1 + 1e-12), Level, $"It is only {Amount.Length(Shape(v).Height)} deep.");
    }

    protected sealed override Answer Work(Values v, Handbook handbook)
    {
        var shape = Shape(v);
        var y = Math.Min(v.Or(Level, shape.Height), shape.Height);
        List<Also> also = [new("topArea", shape.AreaAt(y)), new("baseArea", shape.BaseArea), .. Further(v, shape, y)];
        return Answer.Of(
            Sum.Of("What it holds", Formula, [.. Terms(v), new("y", "filled to", y, Unit.Metre)], shape.VolumeTo(y), Unit.CubicMetre, "Geometry", "Measured inside"),
            also);
    }

    protected virtual IEnumerable<Also> Further(Values v, Vessel shape, double level) => [];

    protected sealed override View Draw(Values v, Answer answer)
    {
        var level = v.Or(Level, Shape(v).Height);
        var view = Picture(v, level);
        return v.Has(Level) && level > 0 ? view with { Dimensions = [.. view.Dimensions, new(new(-.02, 0), new(-.02, level), -.05, level, Level)] } : view;
    }

    /// <summary>A shape that is the same all round, from the side.</summary>
    protected View Side(Values v, double level, Ink ink, params IReadOnlyList<Dimension> dimensions) => new("sum", "From the side", [.. Sketch.Vessel(Shape(v), level, ink)], dimensions);

    protected static Term Of(Values v, string symbol, string name, string meaning) => new(symbol, meaning, v[name], Unit.Metre);
}
