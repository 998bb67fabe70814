using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Judgements;

/// <summary>Judges a scaled mix on this meat. Bounds are common practice unless a sentence says otherwise.</summary>
public static class MixJudge
{
    /// <summary>A wet marinade of 120 to 180 ml for 900 g, ml per kg, with some room on both sides.</summary>
    private const double ScantMlPerKg = 100;
    private const double LavishMlPerKg = 280;

    /// <summary>Crumb that a surface holds, g per dm².</summary>
    private const double ThinCrumb = 4;
    private const double ThickCrumb = 16;
    private const double ThinBinder = 3;
    private const double ThickBinder = 16;

    /// <summary>Sugar from which a rub or marinade is watched like a glaze, kg per kg.</summary>
    private const double BurnsLikeAGlaze = 0.12;

    public static IReadOnlyList<Judgement> Judge(MixOnMeat asked)
    {
        var said = new List<Judgement>();
        Contact(asked, said);
        Burning(asked, said);
        InWhat(asked, said);
        SkinAndSurface(asked, said);
        CrumbStation(asked, said);
        Volume(asked, said);
        Safety(asked, said);
        return said;
    }

    private static void Contact(MixOnMeat asked, List<Judgement> said)
    {
        if (!MixKinds.IsMarinade(asked.Mix.Kind) && asked.Mix.Kind != MixKind.DryRub)
        {
            return;
        }

        ContactTime limits = ContactTime.Of(asked.Mix, asked.Scaled);
        string length = MarinadeClock.Said(asked.Minutes);
        said.Add(asked.Minutes < limits.EnoughMinutes
            ? new(Topic.Contact, Loudness.Note, $"{length} is too short to matter inside: it flavours the outside. Enough from {MarinadeClock.Said(limits.EnoughMinutes)}.")
            : asked.Minutes > limits.TooLongMinutes
                ? new(Topic.Contact, Loudness.Warn, $"{length} is too long, more than {MarinadeClock.Said(limits.TooLongMinutes)}. {limits.Why}")
                : new(Topic.Contact, Loudness.Fine, $"{length} is enough; too long from {MarinadeClock.Said(limits.TooLongMinutes)}."));
    }

    private static void Burning(MixOnMeat asked, List<Judgement> said)
    {
        bool isSweet = asked.Mix.Kind == MixKind.Glaze || asked.Scaled.SugarShare >= BurnsLikeAGlaze;
        if (!isSweet || asked.Mix.Kind == MixKind.JuiceSauce || asked.Burn is not { } burn)
        {
            return;
        }

        string share = Invariant($"{100 * asked.Scaled.SugarShare:0} % sugar.");
        if (asked.OnAtMinutes is { } at)
        {
            said.Add(burn.FromMinutes is not { } safe || at < safe
                ? new(Topic.Burning, Loudness.Warn, burn.FromMinutes is { } later
                    ? $"{share} On at minute {at} it burns tonight. Put it on from minute {later} of {burn.OutMinutes}, not before."
                    : $"{share} Tonight’s programme burns it even in the last minutes. Lower the oven, or put it on after the bake.")
                : burn.GoldenUntilMinutes is not { } golden || at > golden
                    ? new(Topic.Burning, Loudness.Note, $"{share} On at minute {at} it sets, but does not turn golden any more.")
                    : new(Topic.Burning, Loudness.Fine, $"{share} On at minute {at} it turns golden and does not burn."));
            return;
        }

        said.Add(burn.FromStart switch
        {
            SurfaceColour.Burnt when burn.FromMinutes is { } from => new(
                Topic.Burning, Loudness.Warn, $"{share} On from the start it burns tonight. Brush it on from minute {from} of {burn.OutMinutes}, not before, or lay foil over it."),
            SurfaceColour.Burnt => new(Topic.Burning, Loudness.Warn, $"{share} Tonight’s programme burns it even in the last minutes. Lower the oven, or brush it on after the bake."),
            SurfaceColour.Deep => new(Topic.Burning, Loudness.Note, $"{share} On from the start it turns deep brown by minute {burn.OutMinutes}. Look early."),
            _ => new(Topic.Burning, Loudness.Fine, $"{share} Tonight’s programme does not burn it."),
        });
    }

    private static void InWhat(MixOnMeat asked, List<Judgement> said)
    {
        if (!MixKinds.IsMarinade(asked.Mix.Kind))
        {
            return;
        }

        said.Add(asked.Container == Container.BareAluminium
            ? new(Topic.Container, Loudness.Warn, "Acid and salt eat bare aluminium and taste of it. Use glass, china, steel or a bag.")
            : asked.Container == Container.Plastic
                ? new(Topic.Container, Loudness.Note, "Plastic keeps the smell and scratches hold germs: one that is meant for food, washed hot after.")
                : new(Topic.Container, Loudness.Fine, "It does not mind acid or salt."));
    }

    private static void SkinAndSurface(MixOnMeat asked, List<Judgement> said)
    {
        if (MixKinds.IsCrumb(asked.Mix.Kind) && asked.AnySkinOn)
        {
            said.Add(new(Topic.Skin, Loudness.Warn, "Crumb stays on the skin when that is pulled off, and skin under crumb stays soft. Take the skin off."));
        }

        if (asked.Mix.Kind == MixKind.UnderSkinButter && !asked.AnySkinOn)
        {
            said.Add(new(Topic.Skin, Loudness.Warn, "There is no skin to push it under. Leave the skin on, or melt the butter and brush it on."));
        }

        if (asked.Mix.Kind == MixKind.DryRub || MixKinds.IsCrumb(asked.Mix.Kind))
        {
            said.Add(new(Topic.Surface, Loudness.Note, "Blot the meat dry first: on a wet surface this slides off and steams."));
        }
        else if (asked.Mix.Kind == MixKind.WetMarinade && asked.AnySkinOn)
        {
            said.Add(new(Topic.Surface, Loudness.Note, "Drain it well and blot the skin before the oven, or it stays pale."));
        }
    }

    private static void CrumbStation(MixOnMeat asked, List<Judgement> said)
    {
        if (!MixKinds.IsCrumb(asked.Mix.Kind) || asked.Meat.SurfaceDm2 <= 0)
        {
            return;
        }

        double Grams(MixRole role) => asked.Scaled.Parts.Where(part => part.Part.Role == role).Sum(part => part.RoundedG ?? 0);
        Add(Topic.Binder, MixRole.Binder, ThinBinder, ThickBinder, "binder", "bare patches", "it slides");
        Add(Topic.Crumb, MixRole.Crumb, ThinCrumb, ThickCrumb, "crumb", "bare patches", "it falls off");

        double eggs = asked.Scaled.Parts.Where(part => part.Part.Known()?.Shelf == Shelf.RawEgg)
            .Sum(part => part.Take.Where(take => take.Unit == MeasureUnit.Piece).Sum(take => take.Value));
        if (eggs > 0)
        {
            said.Add(new(Topic.Eggs, Loudness.Fine, Invariant($"{eggs:0} large egg{(eggs > 1 ? "s" : string.Empty)} for {asked.Meat.Pieces} piece{(asked.Meat.Pieces == 1 ? string.Empty : "s")}; of medium ones {Math.Ceiling((eggs * 50 / 44) - 0.1):0}.")));
        }

        void Add(Topic topic, MixRole role, double low, double high, string what, string ifThin, string ifThick)
        {
            double waste = MixKinds.Waste(asked.Mix.Kind, role);
            double onMeat = Grams(role) / (1 + waste) / asked.Meat.SurfaceDm2;
            string words = Invariant($"{asked.Units.SayMass(Grams(role))} of {what}, {100 * waste:0} % of it for plate and hands: about {asked.Units.SayMass(Grams(role) / (1 + waste) / asked.Meat.Pieces)} on each piece.");
            said.Add(onMeat < low
                ? new(topic, Loudness.Note, $"{words} That is thin: expect {ifThin}.")
                : onMeat > high
                    ? new(topic, Loudness.Note, $"{words} That is thick: {ifThick}.")
                    : new(topic, Loudness.Fine, words));
        }
    }

    private static void Volume(MixOnMeat asked, List<Judgement> said)
    {
        if (asked.Mix.Kind != MixKind.WetMarinade || asked.Meat.MassG <= 0)
        {
            return;
        }

        double ml = asked.Scaled.Parts.Sum(part => (part.RoundedG ?? 0) / (part.Part.Known()?.GramsPerMl ?? 1)) * asked.Scaled.OnMeatShare;
        double perKg = ml / asked.Meat.MassG * 1000;
        string words = $"{asked.Units.SayVolume(ml)} for {asked.Units.SayMass(asked.Meat.MassG)}.";
        said.Add(perKg < ScantMlPerKg
            ? new(Topic.Volume, Loudness.Note, $"{words} Scant: use a bag, and turn it.")
            : perKg > LavishMlPerKg
                ? new(Topic.Volume, Loudness.Note, $"{words} More than the meat takes up: the rest is thrown away or boiled.")
                : new(Topic.Volume, Loudness.Fine, words));
    }

    private static void Safety(MixOnMeat asked, List<Judgement> said)
    {
        if (asked.Mix.Kind == MixKind.JuiceSauce)
        {
            said.Add(new(Topic.Safety, Loudness.Warn, "The juices ran off raw meat: boil the sauce before anyone tastes it."));
        }
        else if (MixKinds.IsMarinade(asked.Mix.Kind) || asked.Mix.Kind == MixKind.Glaze)
        {
            said.Add(new(Topic.Safety, Loudness.Note, "What met raw meat is only cooked: brush it on in time, boil it, or throw it away. Set aside first what you want to serve."));
        }

        if (asked.Mix.HasRawEgg())
        {
            said.Add(new(Topic.Safety, Loudness.Note, "Throw away egg and crumb that are left: they met raw meat."));
        }
    }

    private static string Invariant(FormattableString words) => FormattableString.Invariant(words);
}

/// <summary>A mix, the meat it is for, and what is done with them.</summary>
/// <param name="Mix">The mix.</param>
/// <param name="Scaled">As it is made tonight.</param>
/// <param name="Meat">What it goes on.</param>
/// <param name="AnySkinOn">Some of it has its skin on.</param>
/// <param name="Minutes">How long it lies before the oven.</param>
/// <param name="Container">In what.</param>
/// <param name="Burn">What the programme does to a glaze; null where that is not known.</param>
/// <param name="OnAtMinutes">When it first goes on in the oven; null where it is on from the start.</param>
public sealed record MixOnMeat(Mix Mix, ScaledMix Scaled, MeatToCoat Meat, bool AnySkinOn, int Minutes, Container Container, GlazeBurn? Burn, int? OnAtMinutes = null)
{
    /// <summary>What is said of it is written in these.</summary>
    public KitchenUnits Units { get; init; } = KitchenUnits.Usual;
}
