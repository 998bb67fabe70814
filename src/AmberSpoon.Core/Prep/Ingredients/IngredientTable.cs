using System.Collections.Frozen;
using static AmberSpoon.Core.Prep.Ingredients.Shelf;

namespace AmberSpoon.Core.Prep.Ingredients;

/// <summary>
/// Common ingredients with their densities. All from memory of the household weights in the USDA food composition tables
/// (grams per cup or spoon); sugar, salt and acid are from memory of the same tables and of labels. A packed cup and a sifted
/// one differ by a fifth: where it matters, weigh.
/// </summary>
public static class IngredientTable
{
    public static IReadOnlyList<Ingredient> All { get; } =
    [
        new("fineSalt", "fine salt", Dry, 1.22) { Salt = 1, AlsoCalled = ["salt", "table salt", "sea salt", "fine sea salt"] },
        new("flakySalt", "flaky salt", Dry, 0.68) { Salt = 1, AlsoCalled = ["salt flakes", "flaked salt", "flaky sea salt"] },
        new("coarseSalt", "coarse salt", Dry, 0.95) { Salt = 1, AlsoCalled = ["kosher salt", "coarse sea salt"] },
        new("sugar", "sugar", Dry, 0.85) { Sugar = 1, AlsoCalled = ["white sugar", "granulated sugar", "caster sugar"] },
        new("brownSugar", "brown sugar", Dry, 0.90) { Sugar = 0.97, AlsoCalled = ["light brown sugar", "dark brown sugar", "muscovado sugar"] },
        new("icingSugar", "icing sugar", Dry, 0.50) { Sugar = 0.98, AlsoCalled = ["powdered sugar"] },
        new("honey", "honey", Wet, 1.42) { Sugar = 0.82, AlsoCalled = ["runny honey"] },
        new("mapleSyrup", "maple syrup", Wet, 1.32) { Sugar = 0.60 },
        new("treacle", "treacle", Wet, 1.42) { Sugar = 0.65, AlsoCalled = ["molasses"] },
        new("jam", "apricot jam", Wet, 1.33) { Sugar = 0.60, AlsoCalled = ["jam", "marmalade"] },
        new("paprika", "sweet paprika", Dry, 0.46) { Sugar = 0.10, AlsoCalled = ["paprika", "ground paprika"] },
        new("smokedPaprika", "smoked paprika", Dry, 0.46) { Sugar = 0.10 },
        new("chilliPowder", "chilli powder", Dry, 0.54) { AlsoCalled = ["chili powder", "ground chilli"] },
        new("chilliFlakes", "chilli flakes", Dry, 0.36) { AlsoCalled = ["red pepper flakes", "chili flakes", "crushed chilli"] },
        new("cayenne", "cayenne", Dry, 0.36) { AlsoCalled = ["cayenne pepper"] },
        new("blackPepper", "ground black pepper", Dry, 0.47) { AlsoCalled = ["black pepper", "pepper", "freshly ground black pepper", "white pepper"] },
        new("peppercorns", "peppercorns", Dry, 0.58) { AlsoCalled = ["black peppercorns"] },
        new("cumin", "ground cumin", Dry, 0.43) { AlsoCalled = ["cumin"] },
        new("cuminSeed", "cumin seeds", Dry, 0.41) { AlsoCalled = ["cumin seed"] },
        new("coriander", "ground coriander", Dry, 0.36) { AlsoCalled = ["ground coriander seed"] },
        new("turmeric", "ground turmeric", Dry, 0.62) { AlsoCalled = ["turmeric"] },
        new("groundGinger", "ground ginger", Dry, 0.36),
        new("cinnamon", "ground cinnamon", Dry, 0.53) { AlsoCalled = ["cinnamon"] },
        new("allspice", "ground allspice", Dry, 0.39) { AlsoCalled = ["allspice"] },
        new("garamMasala", "garam masala", Dry, 0.42),
        new("curryPowder", "curry powder", Dry, 0.43),
        new("fennelSeed", "fennel seeds", Dry, 0.39) { AlsoCalled = ["fennel seed"] },
        new("mustardPowder", "mustard powder", Dry, 0.41) { AlsoCalled = ["dry mustard", "ground mustard"] },
        new("garlicPowder", "garlic powder", Dry, 0.65) { AlsoCalled = ["garlic granules"] },
        new("onionPowder", "onion powder", Dry, 0.49) { AlsoCalled = ["onion granules"] },
        new("driedOregano", "dried oregano", Dry, 0.20) { AlsoCalled = ["oregano"] },
        new("driedThyme", "dried thyme", Dry, 0.20),
        new("driedHerbs", "mixed dried herbs", Dry, 0.18) { AlsoCalled = ["dried mixed herbs", "italian seasoning", "dried basil", "dried rosemary"] },

        // Seasoning blends: salt and sugar from memory of labels, which differ by a third from maker to maker.
        new("garlicSalt", "garlic salt", Dry, 1.0) { Salt = 0.70, AlsoCalled = ["onion salt"] },
        new("celerySalt", "celery salt", Dry, 1.0) { Salt = 0.65 },
        new("herbSalt", "herb salt", Dry, 1.0) { Salt = 0.80, AlsoCalled = ["seasoned salt", "seasoning salt", "spiced salt"] },
        new("stockPowder", "stock powder", Dry, 0.85) { Salt = 0.50, Sugar = 0.05, AlsoCalled = ["bouillon powder", "stock granules", "vegetable stock powder", "chicken stock powder"] },
        new("stockCube", "stock cube", Dry, 0.9) { EachG = 10, Salt = 0.50, Sugar = 0.05, AlsoCalled = ["stock cubes", "bouillon cube", "bouillon cubes"] },
        new("poultrySeasoning", "poultry seasoning", Dry, 0.25) { AlsoCalled = ["poultry herbs"] },
        new("chickenSeasoning", "chicken seasoning", Dry, 0.65) { Salt = 0.40, Sugar = 0.08, AlsoCalled = ["roast chicken seasoning", "all-purpose seasoning", "all purpose seasoning"] },
        new("barbecueRub", "barbecue rub", Dry, 0.65) { Salt = 0.22, Sugar = 0.35, AlsoCalled = ["bbq rub", "barbecue seasoning", "bbq seasoning"] },
        new("lemonPepper", "lemon pepper", Dry, 0.60) { Salt = 0.35, Acid = 0.02, AlsoCalled = ["lemon pepper seasoning"] },
        new("hotSeasoning", "hot pepper and herb seasoning", Dry, 0.55) { Salt = 0.25, Sugar = 0.04, AlsoCalled = ["cajun seasoning", "creole seasoning", "jerk seasoning"] },
        new("chilliSeasoning", "chilli seasoning mix", Dry, 0.50) { Salt = 0.15, Sugar = 0.10, AlsoCalled = ["taco seasoning", "fajita seasoning", "chili seasoning"] },
        new("steakSeasoning", "steak seasoning", Dry, 0.80) { Salt = 0.40 },
        new("ranchSeasoning", "buttermilk herb seasoning", Dry, 0.55) { Salt = 0.22, Sugar = 0.15, AlsoCalled = ["ranch seasoning"] },
        new("onionSoupMix", "onion soup powder", Dry, 0.65) { Salt = 0.25, Sugar = 0.15, AlsoCalled = ["onion soup mix", "french onion soup mix"] },
        new("barbecueSauce", "barbecue sauce", Wet, 1.17) { Salt = 0.025, Sugar = 0.33, Acid = 0.012, AlsoCalled = ["bbq sauce"] },
        new("sweetSoySauce", "sweet soy glaze", Wet, 1.18) { Salt = 0.09, Sugar = 0.20, Acid = 0.004, AlsoCalled = ["teriyaki sauce", "teriyaki marinade"] },
        new("plumSauce", "thick plum and bean sauce", Wet, 1.25) { Salt = 0.04, Sugar = 0.30, AlsoCalled = ["hoisin sauce", "hoisin"] },
        new("oysterSauce", "oyster sauce", Wet, 1.20) { Salt = 0.07, Sugar = 0.15 },
        new("spicedVinegar", "spiced vinegar sauce", Wet, 1.10) { Salt = 0.024, Sugar = 0.18, Acid = 0.03, AlsoCalled = ["worcestershire sauce", "worcester sauce"] },
        new("sweetChilli", "sweet chilli sauce", Wet, 1.20) { Salt = 0.025, Sugar = 0.45, Acid = 0.01, AlsoCalled = ["sweet chili sauce"] },
        new("pesto", "pesto", Wet, 0.95) { Salt = 0.022, AlsoCalled = ["green pesto", "basil pesto"] },
        new("chilliPaste", "chilli and cumin paste", Wet, 1.08) { Salt = 0.025, Sugar = 0.06, Acid = 0.01, AlsoCalled = ["harissa", "harissa paste"] },
        new("curryPaste", "curry paste", Wet, 1.08) { Salt = 0.05, Sugar = 0.06, Acid = 0.008, AlsoCalled = ["red curry paste", "green curry paste", "tikka paste", "tandoori paste"] },
        new("beanPaste", "fermented bean paste", Wet, 1.15) { Salt = 0.12, Sugar = 0.06, AlsoCalled = ["miso", "miso paste"] },
        new("sesame", "sesame seeds", Dry, 0.61) { AlsoCalled = ["sesame seed"] },
        new("flour", "plain flour", Dry, 0.53) { AlsoCalled = ["flour", "all-purpose flour", "all purpose flour"] },
        new("cornflour", "cornflour", Dry, 0.54) { AlsoCalled = ["cornstarch", "starch"] },
        new("bakingPowder", "baking powder", Dry, 0.93),
        new("dryCrumb", "fine dry breadcrumbs", Dry, 0.46) { Salt = 0.012, AlsoCalled = ["dried breadcrumbs", "fine breadcrumbs"] },
        new("coarseCrumb", "coarse breadcrumbs", Dry, 0.25) { Salt = 0.010, AlsoCalled = ["breadcrumbs", "panko", "panko breadcrumbs", "coarse crumb", "bread crumbs"] },
        new("freshCrumb", "fresh breadcrumbs", Dry, 0.19) { Salt = 0.010 },
        new("oats", "rolled oats", Dry, 0.37) { AlsoCalled = ["oats", "porridge oats"] },
        new("hardCheese", "grated hard cheese", Dry, 0.42) { Salt = 0.035, AlsoCalled = ["grated parmesan", "parmesan", "parmesan cheese", "hard cheese"] },
        new("almonds", "ground almonds", Dry, 0.41) { AlsoCalled = ["almond meal"] },
        new("oil", "olive oil", Wet, 0.913) { AlsoCalled = ["oil", "extra virgin olive oil", "extra-virgin olive oil"] },
        new("neutralOil", "neutral oil", Wet, 0.92) { AlsoCalled = ["vegetable oil", "sunflower oil", "rapeseed oil", "canola oil"] },
        new("sesameOil", "sesame oil", Wet, 0.92) { AlsoCalled = ["toasted sesame oil"] },
        new("butter", "soft butter", Wet, 0.96) { Salt = 0.0, AlsoCalled = ["butter", "unsalted butter", "melted butter"] },
        new("mayonnaise", "mayonnaise", Wet, 0.93) { Salt = 0.013, AlsoCalled = ["mayo"] },
        new("mustard", "smooth mustard", Wet, 1.05) { Salt = 0.055, Acid = 0.02, AlsoCalled = ["mustard", "dijon mustard", "yellow mustard"] },
        new("grainMustard", "wholegrain mustard", Wet, 1.05) { Salt = 0.045, Acid = 0.02, AlsoCalled = ["whole grain mustard"] },
        new("yogurt", "plain yogurt", Wet, 1.03) { Sugar = 0.047, Acid = 0.010, IsMild = true, AlsoCalled = ["yogurt", "yoghurt", "natural yogurt", "plain yoghurt"] },
        new("thickYogurt", "thick yogurt", Wet, 1.05) { Sugar = 0.036, Acid = 0.012, IsMild = true, AlsoCalled = ["greek yogurt", "strained yogurt", "greek yoghurt"] },
        new("buttermilk", "buttermilk", Wet, 1.03) { Salt = 0.003, Sugar = 0.048, Acid = 0.009, IsMild = true },
        new("milk", "milk", Wet, 1.03) { Sugar = 0.048, AlsoCalled = ["whole milk"] },
        new("cream", "cream", Wet, 1.01) { Sugar = 0.03, AlsoCalled = ["heavy cream", "double cream", "single cream"] },
        new("coconutMilk", "coconut milk", Wet, 0.96) { Sugar = 0.03 },
        new("soy", "soy sauce", Wet, 1.10) { Salt = 0.145, Sugar = 0.01, AlsoCalled = ["light soy sauce", "dark soy sauce"] },
        new("fishSauce", "fish sauce", Wet, 1.20) { Salt = 0.20, Sugar = 0.03 },
        new("lemonJuice", "lemon juice", Wet, 1.03) { Sugar = 0.025, Acid = 0.055, AlsoCalled = ["fresh lemon juice"] },
        new("limeJuice", "lime juice", Wet, 1.03) { Sugar = 0.017, Acid = 0.058, AlsoCalled = ["fresh lime juice"] },
        new("orangeJuice", "orange juice", Wet, 1.05) { Sugar = 0.085, Acid = 0.009 },
        new("wineVinegar", "wine vinegar", Wet, 1.01) { Acid = 0.06, AlsoCalled = ["red wine vinegar", "white wine vinegar", "vinegar"] },
        new("ciderVinegar", "cider vinegar", Wet, 1.01) { Acid = 0.05, AlsoCalled = ["apple cider vinegar"] },
        new("darkVinegar", "sweet dark vinegar", Wet, 1.07) { Sugar = 0.15, Acid = 0.06, AlsoCalled = ["balsamic vinegar"] },
        new("riceVinegar", "rice vinegar", Wet, 1.01) { Acid = 0.043 },
        new("wine", "white wine", Wet, 0.99) { Sugar = 0.01, Acid = 0.006, AlsoCalled = ["dry white wine", "red wine"] },
        new("ketchup", "ketchup", Wet, 1.14) { Salt = 0.023, Sugar = 0.22, Acid = 0.012, AlsoCalled = ["tomato ketchup"] },
        new("tomatoPaste", "tomato paste", Wet, 1.10) { Salt = 0.002, Sugar = 0.12, Acid = 0.02, AlsoCalled = ["tomato puree", "tomato purée"] },
        new("chilliSauce", "hot chilli sauce", Wet, 1.06) { Salt = 0.065, Sugar = 0.10, Acid = 0.012, AlsoCalled = ["hot sauce", "chilli sauce", "chili sauce"] },
        new("stock", "chicken stock", Wet, 1.0) { Salt = 0.007, AlsoCalled = ["stock", "chicken broth", "broth"] },
        new("water", "water", Wet, 1.0),
        new("garlic", "garlic", Fresh, 0.57) { EachG = 4, AlsoCalled = ["garlic clove", "clove of garlic", "garlic cloves", "cloves of garlic"] },
        new("ginger", "fresh ginger", Fresh, 0.42) { AlsoCalled = ["ginger", "ginger root"] },
        new("onion", "onion", Fresh, 0.66) { EachG = 130, AlsoCalled = ["red onion", "yellow onion", "brown onion"] },
        new("shallot", "shallot", Fresh, 0.66) { EachG = 30, AlsoCalled = ["shallots"] },
        new("parsley", "parsley", Fresh, 0.25) { AlsoCalled = ["fresh parsley", "flat-leaf parsley"] },
        new("thyme", "thyme leaves", Fresh, 0.16) { AlsoCalled = ["thyme", "fresh thyme"] },
        new("rosemary", "rosemary", Fresh, 0.14) { AlsoCalled = ["fresh rosemary"] },
        new("corianderLeaf", "coriander leaves", Fresh, 0.11) { AlsoCalled = ["cilantro", "fresh coriander"] },
        new("tarragon", "tarragon", Fresh, 0.12) { AlsoCalled = ["fresh tarragon"] },
        new("lemonZest", "lemon zest", Fresh, 0.41) { AlsoCalled = ["grated lemon zest"] },
        new("lemon", "lemon", Fresh, 0.9) { EachG = 85, AlsoCalled = ["lemons"] },
        new("lime", "lime", Fresh, 0.9) { EachG = 65, AlsoCalled = ["limes"] },
        new("chilli", "fresh chilli", Fresh, 0.5) { EachG = 15, AlsoCalled = ["red chilli", "green chilli", "jalapeno"] },

        // Content without the shell; the usual names of the sizes are common practice: medium 44 g, large 50 g.
        new("egg", "egg", RawEgg, 1.03) { EachG = 50, Salt = 0.0036, AlsoCalled = ["eggs", "large egg", "large eggs", "medium egg", "beaten egg"] },
    ];

    private static readonly FrozenDictionary<string, Ingredient> ByKey = All.ToFrozenDictionary(known => known.Key);

    private static readonly FrozenDictionary<string, Ingredient> ByName = All
        .SelectMany(known => known.AlsoCalled.Prepend(known.Name).Select(name => (name, known)))
        .DistinctBy(pair => pair.name)
        .ToFrozenDictionary(pair => pair.name, pair => pair.known);

    /// <returns>Null for a key that is not in the table.</returns>
    public static Ingredient? Find(string key) => ByKey.GetValueOrDefault(key);

    public static Ingredient For(string key) => ByKey[key];

    /// <summary>By a name as a cook writes it: whole first, then without its first words ("finely chopped parsley").</summary>
    /// <returns>Null where nothing like it is in the table.</returns>
    public static Ingredient? FindByName(string name)
    {
        string rest = name.Trim().ToLowerInvariant();
        while (rest.Length > 0)
        {
            if (ByName.TryGetValue(rest, out Ingredient? known) || (rest.EndsWith('s') && ByName.TryGetValue(rest[..^1], out known)))
            {
                return known;
            }

            int space = rest.IndexOf(' ', StringComparison.Ordinal);
            rest = space < 0 ? string.Empty : rest[(space + 1)..];
        }

        return null;
    }
}
