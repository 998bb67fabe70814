using AmberSpoon.Core.Doneness;
using System.Globalization;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Together;

/// <summary>Says in sentences how one plan differs from another.</summary>
internal static class PlanChanges
{
    public static IReadOnlyList<string> Between(TrayPlan before, TrayPlan after)
    {
        var sentences = new List<string>();
        var added = new List<(string Name, int AtMinutes)>();
        if (after.Vessels.Count > before.Vessels.Count)
        {
            sentences.Add("Put the vegetables on a tray of their own, on the lower shelf.");
        }

        if (after.OvenSetting != before.OvenSetting)
        {
            sentences.Add($"Set the oven to {Dial(after.OvenSetting)} instead of {Dial(before.OvenSetting)}.");
        }

        foreach (VegetableLot lot in after.Vegetables)
        {
            VegetableLot was = before.Vegetables.First(other => other.Id == lot.Id);
            string name = VegetableTable.For(lot.Kind).Name;
            if (was.Size != lot.Size)
            {
                sentences.Add($"Cut the {name} to {Say(lot.Size, was.Size.Unit)} instead of {Say(was.Size, was.Size.Unit)}.");
            }

            AddWhen(name, was.AddAtMinutes, lot.AddAtMinutes);
        }

        foreach (ChickenLot lot in after.Chicken)
        {
            AddWhen(CutTable.For(lot.Cut).Plural, before.Chicken.First(other => other.Id == lot.Id).AddAtMinutes, lot.AddAtMinutes);
        }

        sentences.AddRange(added.GroupBy(lot => lot.AtMinutes).OrderBy(lots => lots.Key).Select(lots =>
        {
            string names = Phrases.Listed([.. lots.Select(lot => lot.Name)]);
            return lots.Key == 0 ? $"Put the {names} in at the start." : $"Add the {names} after {lots.Key} min.";
        }));
        foreach (PlannedStep step in after.Steps.Except(before.Steps))
        {
            sentences.Add(step.Kind == StepKind.Cover ? $"Lay foil over it after {step.AtMinutes} min, before it burns." : $"{step.Kind} after {step.AtMinutes} min.");
        }

        return sentences;

        void AddWhen(string name, int was, int now)
        {
            if (was != now)
            {
                added.Add((name, now));
            }
        }
    }

    private static string Dial(EnteredTemperature setting) => setting.ToTemperature().Say(setting.Unit);

    private static string Say(EnteredLength length, LengthUnit unit) => unit == LengthUnit.Inch
        ? (length.Millimetres() / 25.4).ToString("0.0", CultureInfo.InvariantCulture) + " in"
        : length.Millimetres().ToString("0", CultureInfo.InvariantCulture) + " mm";
}
