using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Cutting;
using AmberSpoon.Core.Prep.Judgements;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Stations.Mixes;

namespace AmberSpoon.Server.Stations.Prep;

/// <summary>Everything about the work before the oven, for the tray being worked on.</summary>
/// <param name="TrayId">Which tray.</param>
/// <param name="TrayName">Its name.</param>
/// <param name="Choice">What was decided.</param>
/// <param name="Version">Grows with each change of it; a change names it in If-Match.</param>
/// <param name="Measures">What the kitchen measures with.</param>
/// <param name="Meat">The meat on the tray.</param>
/// <param name="Mixes">All that can be chosen, the household's own first.</param>
/// <param name="Bowls">Every mix that tonight's coats are made of, scaled and judged.</param>
/// <param name="Lots">Each lot of chicken with its coats.</param>
/// <param name="Thaw">How long a frozen pack needs first; null where nothing is frozen.</param>
/// <param name="Order">The order of work, on the clock.</param>
/// <param name="Cutting">Vegetables to cut.</param>
/// <param name="VegetableMlPerHead">All vegetables together, cooked and heaped, ml a head.</param>
/// <param name="WantedMlPerHead">What cooks reckon with, ml a head.</param>
/// <param name="Portions">Who eats what; null while there is no chicken.</param>
/// <param name="Packs">What was bought, cheapest meat first.</param>
/// <param name="Bird">The whole bird; null for none.</param>
/// <param name="RecipeFactor">What the amounts of a recipe on paper are multiplied by; null where none is followed.</param>
/// <param name="Why">What the figures rest on.</param>
/// <param name="Now">The kitchen's clock when this was sent.</param>
public sealed record PrepView(
    int TrayId,
    string TrayName,
    PrepChoice Choice,
    int Version,
    KitchenMeasures Measures,
    MeatToCoat Meat,
    IReadOnlyList<MixListed> Mixes,
    IReadOnlyList<BowlView> Bowls,
    IReadOnlyList<LotPrepView> Lots,
    ThawView? Thaw,
    IReadOnlyList<WorkStepView> Order,
    IReadOnlyList<CuttingItem> Cutting,
    double VegetableMlPerHead,
    double WantedMlPerHead,
    PortionAnswer? Portions,
    IReadOnlyList<Pack> Packs,
    BirdView? Bird,
    double? RecipeFactor,
    IReadOnlyList<Explanation> Why,
    DateTimeOffset Now) : IVersioned;

/// <summary>A mix that is made tonight, for all coats of it.</summary>
/// <param name="Id">Which mix.</param>
/// <param name="Mix">What it is.</param>
/// <param name="Scaled">For the meat it goes on.</param>
/// <param name="For">What it is for, in words: "the thighs, and from minute 30 on the wings".</param>
/// <param name="MayBeServed">Some of it may be set aside clean for the table.</param>
/// <param name="ServedG">Set aside clean for the table, g; 0 for none.</param>
/// <param name="Judgements">What a careful cook would say.</param>
/// <param name="Burn">What tonight's programme does to something sweet; null where nothing is.</param>
/// <param name="Marinade">What the clock would say if the meat went in now; null where nothing lies in it.</param>
public sealed record BowlView(
    string Id, Mix Mix, ScaledMix Scaled, string For, bool MayBeServed, double ServedG, IReadOnlyList<Judgement> Judgements, GlazeBurn? Burn, MarinadeOutlook? Marinade);

/// <summary>One lot of chicken as the counter has it.</summary>
/// <param name="Id">Its number on the tray.</param>
/// <param name="Name">What it is: "6 bone-in thighs".</param>
/// <param name="SkinOn">Whether there is skin to push something under.</param>
/// <param name="Coats">Its stack of coats, innermost first.</param>
/// <param name="Salt">All its salt together, judged.</param>
public sealed record LotPrepView(int Id, string Name, bool SkinOn, IReadOnlyList<LotCoat> Coats, Judgement Salt);

/// <summary>One step of the order of work, on the clock.</summary>
/// <param name="Key">A word that stays the same while the plan stays the same.</param>
/// <param name="Touches">What hands and board meet.</param>
/// <param name="Title">What to do.</param>
/// <param name="Detail">How; perhaps empty.</param>
/// <param name="Hand">Which hand, at a crumb station.</param>
/// <param name="At">When to begin it so that the tray goes in on time.</param>
public sealed record WorkStepView(string Key, Touches Touches, string Title, string Detail, Hand Hand, DateTimeOffset At);

/// <param name="Times">If the meat goes in now, or, where it is frozen, as soon as it is thawed.</param>
/// <param name="Limits">What the mix bears.</param>
/// <param name="Cautions">What to say of the length and the place.</param>
public sealed record MarinadeOutlook(MarinadeTimes Times, ContactTime Limits, IReadOnlyList<string> Cautions);

/// <param name="Minutes">In the fridge until the middle is thawed.</param>
/// <param name="ThawedAt">If it goes into the fridge now.</param>
/// <param name="Sentence">In words.</param>
public sealed record ThawView(int Minutes, DateTimeOffset ThawedAt, string Sentence);

/// <param name="Whole">The bird.</param>
/// <param name="Sentence">Against the cheapest pack.</param>
public sealed record BirdView(WholeBird Whole, string Sentence);

/// <param name="Running">Marinades whose meat is not out yet, the one that is ready first first.</param>
/// <param name="Now">The kitchen's clock.</param>
public sealed record MarinadesView(IReadOnlyList<RunningMarinade> Running, DateTimeOffset Now);

/// <param name="Id">Which.</param>
/// <param name="TrayName">For which tray.</param>
/// <param name="MixName">In which mix.</param>
/// <param name="Times">When to turn it, and when it is ready.</param>
/// <param name="TurnedAt">It was turned; null where it was not yet.</param>
/// <param name="OnCounter">It stands on the counter.</param>
public sealed record RunningMarinade(int Id, string TrayName, string MixName, MarinadeTimes Times, DateTimeOffset? TurnedAt, bool OnCounter);
