using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A door off its hinges. What looks solid is often two thin faces over paper, which falls apart outdoors.</summary>
public sealed class Door() : SheetKind(
    "door", "Door", 1.98, .76, .040, [Substance.Softwood, Substance.Hardwood, Substance.Plywood, Substance.Fibreboard, Substance.Steel], [.. Signs.Wood], Form.Panel, Ink.Wood,
    "A table top or one long side, where it is solid: knock on it, and a hollow one goes to nothing outdoors. Old paint is tested for lead before it is sanded or sawn.");
