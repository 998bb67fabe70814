namespace AmberSpoon.Core.Food;

/// <summary>A vegetable for the tray. What is known about each stands in <see cref="VegetableTable"/>.</summary>
public enum Vegetable
{
    Potato,
    BabyPotato,
    SweetPotato,
    Carrot,
    Parsnip,
    Squash,
    Onion,
    Shallot,
    Garlic,
    Pepper,
    Courgette,
    Aubergine,
    CherryTomato,
    Broccoli,
    Cauliflower,
    Sprout,
    GreenBean,
    Mushroom,
    Fennel,
    Leek,
}
