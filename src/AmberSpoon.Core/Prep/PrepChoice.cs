using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Marinating;

namespace AmberSpoon.Core.Prep;

/// <summary>What the cook has decided about the work before the oven, for one tray. It holds no answers.</summary>
/// <param name="Mix">Only of what was stored before lots had coats: the one mix of the whole tray, until it has moved into them.</param>
/// <param name="ServeG">How much of it is set aside clean for the table, g.</param>
/// <param name="MarinateMinutes">How long the meat lies in it.</param>
/// <param name="Place">Where.</param>
/// <param name="Container">In what.</param>
/// <param name="FrozenMm">Thickness of the pack, mm, where the meat is still frozen; null where it is not.</param>
/// <param name="Garnish">Something is chopped to be eaten as it is.</param>
/// <param name="Heads">How many eat.</param>
/// <param name="PortionG">Cooked meat for each, g.</param>
/// <param name="Packs">What the shop sells.</param>
/// <param name="Bird">A whole bird to compare with; null for none.</param>
/// <param name="RecipeMeatG">Meat a recipe on paper is written for, g; null where none is followed.</param>
/// <param name="Done">Keys of the steps that are ticked off.</param>
public sealed record PrepChoice(
    string? Mix,
    double ServeG,
    int MarinateMinutes,
    MarinadePlace Place,
    Container Container,
    double? FrozenMm,
    bool Garnish,
    int Heads,
    double PortionG,
    IReadOnlyList<Pack> Packs,
    WholeBird? Bird,
    double? RecipeMeatG,
    IReadOnlyList<string> Done)
{
    public static PrepChoice Usual { get; } = new(
        Mix: null, ServeG: 0, MarinateMinutes: 60, MarinadePlace.Fridge, Container.GlassOrChina, FrozenMm: null, Garnish: false, Heads: 4, Portions.UsualG, [], Bird: null, RecipeMeatG: null, []);
}
