namespace AmberSpoon.Core.Evenings.Sides;

/// <summary>What stands beside the tray on the table.</summary>
public enum SideKind
{
    Rice,
    Beans,
    Greens,
    Noodles,
    BoiledPotatoes,
    Gravy,
    Salad,
    GreenSauce,
    WarmBread,
    RoastSquash,
    RoastParsnips,
    RoastFennel,
    RoastMushrooms,
    RoastPotatoes,
    RoastSprouts,
    RoastCarrots,
}
