using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Prep.Bowls;

/// <summary>A mix that tonight's tray needs, made once for all coats of it. What goes into it is a <see cref="Mix"/>.</summary>
/// <param name="Id">Which mix.</param>
/// <param name="Mix">What it is.</param>
/// <param name="Uses">Every coat that is made of it, in the order in which they go on.</param>
public sealed record Bowl(string Id, Mix Mix, IReadOnlyList<BowlUse> Uses)
{
    /// <summary>Lots that it is made for: what goes on the meat; where it is only for the table, the lots it is served with.</summary>
    public IReadOnlyList<ChickenLot> Lots => MeetsMeat
        ? [.. Uses.Where(use => use.Coat.When != CoatTime.AtTable).Select(use => use.Lot).Distinct()]
        : [.. Uses.Select(use => use.Lot).Distinct()];

    /// <summary>Some of it goes on meat, raw or baking.</summary>
    public bool MeetsMeat => Uses.Any(use => use.Coat.When != CoatTime.AtTable);

    /// <summary>Some of it is on raw meat before the oven, so that what is left in the bowl has met raw meat.</summary>
    public bool MeetsRaw => Uses.Any(use => use.Coat.IsOnAtStart());

    /// <summary>Some of it is eaten as it is.</summary>
    public bool IsServed => Uses.Any(use => use.Coat.When == CoatTime.AtTable);

    /// <summary>The first minute at which it goes on in the oven; null where it never does.</summary>
    public int? FirstMinute => Uses.Where(use => use.Minute is not null).Min(use => use.Minute);

    /// <summary>All bowls of a tray, in the order of its lots and of their coats.</summary>
    /// <param name="plan">The tray.</param>
    /// <param name="find">A mix by its id; null for one that is gone.</param>
    public static IReadOnlyList<Bowl> Of(TrayPlan plan, Func<string, Mix?> find)
    {
        IReadOnlyList<PlannedStep> steps = plan.HandSteps();
        return
        [
            .. plan.Chicken
                .SelectMany(lot => lot.Coats.Index().Select(coat => new BowlUse(
                    lot, coat.Index, coat.Item, steps.FirstOrDefault(step => step.Coats?.Contains(new(lot.Id, coat.Index)) == true)?.AtMinutes)))
                .Where(use => use.Coat.Mix is not null)
                .GroupBy(use => use.Coat.Mix!, StringComparer.Ordinal)
                .Select(uses => (Id: uses.Key, Mix: find(uses.Key), Uses: uses))
                .Where(bowl => bowl.Mix is not null)
                .Select(bowl => new Bowl(bowl.Id, bowl.Mix!, [.. bowl.Uses.OrderBy(use => use.Coat.When)])),
        ];
    }

    /// <summary>What it is for in words: "on the thighs, at minute 30 and 42 on the thighs and wings, at the table".</summary>
    /// <param name="plan">The tray, for the names of its lots.</param>
    public string UsedFor(TrayPlan plan)
    {
        IEnumerable<string> before = Uses.Where(use => use.Minute is null && use.Coat.When != CoatTime.AtTable)
            .GroupBy(use => use.Coat.When == CoatTime.UnderSkin)
            .Select(uses => $"{(uses.Key ? "under the skin of" : "on")} the {CoatNames.Lots(plan, uses.Select(use => use.Lot))}");
        IEnumerable<string> inOven = Uses.Where(use => use.Minute is not null)
            .GroupBy(use => use.Minute!.Value)
            .Select(uses => (Minute: uses.Key, Lots: CoatNames.Lots(plan, uses.Select(use => use.Lot))))
            .GroupBy(uses => uses.Lots, StringComparer.Ordinal)
            .Select(uses => $"at minute {string.Join(" and ", uses.Select(use => use.Minute))} on the {uses.Key}");
        return string.Join(", ", before.Concat(inOven).Concat(IsServed ? ["at the table"] : []));
    }
}

/// <param name="Lot">The lot that it goes on.</param>
/// <param name="Index">Which of its coats, from 0.</param>
/// <param name="Coat">The coat.</param>
/// <param name="Minute">At which minute of the bake it goes on; null where it does not go on in the oven.</param>
public sealed record BowlUse(ChickenLot Lot, int Index, LotCoat Coat, int? Minute);
