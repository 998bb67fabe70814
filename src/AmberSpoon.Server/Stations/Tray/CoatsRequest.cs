using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>One stack of coats for some of a tray's chicken.</summary>
/// <param name="Lots">Numbers of the lots; null for all.</param>
/// <param name="Coats">The stack, innermost first; none is oil and salt.</param>
public sealed record CoatsRequest(IReadOnlyList<int>? Lots = null, IReadOnlyList<CoatRequest>? Coats = null)
{
    /// <summary>The plan with these coats.</summary>
    /// <exception cref="ProblemException">400 with the field.</exception>
    internal TrayPlan On(TrayPlan plan)
    {
        if (Coats is null)
        {
            throw ProblemException.InvalidField("coats", "Send the coats, even if there are none.");
        }

        ChickenLot[] lots = [.. plan.Chicken.Where(lot => Lots?.Contains(lot.Id) ?? true)];
        if (lots.Length == 0)
        {
            throw ProblemException.InvalidField("lots", "That chicken is not on the tray any more.");
        }

        var wrong = new Dictionary<string, string>();
        var checks = new CoatChecks((field, sentence) => wrong.TryAdd(field, sentence));
        LotCoat[] coats = checks.AreRead(Coats, "coats") ? [.. Coats.Select(coat => coat.ToCoat())] : [];
        foreach (ChickenLot lot in lots)
        {
            checks.Stack(coats, lot.Cut, lot.SkinOn, plan.Steps, lot.AddAtMinutes, fault => $"coats[{fault.Coat}].{fault.Field}");
        }

        return wrong.Count > 0
            ? throw new ProblemException(StatusCodes.Status400BadRequest, wrong.Values.First(), wrong)
            : plan with { Chicken = [.. plan.Chicken.Select(lot => lots.Contains(lot) ? lot with { Coats = coats } : lot)] };
    }
}
