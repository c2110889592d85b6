using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>Copper pipe by itself: it bends by hand, does not rot, and poisons roots that touch it in sour soil.</summary>
public sealed class CopperPipe() : LongKind("copper-pipe", "Copper pipe", "Metal and pipe", 2.0, .015, .12, [Substance.Copper], [.. Signs.Pipe], Ink.Metal)
{
    protected override Way Give(Thing thing, PoleMeasures m)
        => new("pipe", "Cut to length", [new(Form.Pipe, "Pipe", 1, 1, m.Length, m.Thickness, m.Thickness)], 4, ["Hacksaw", "File"], "Hoops and rails above the soil; old joints may be soldered with lead, cut those out.");
}
