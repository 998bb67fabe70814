namespace AmberSpoon.Core.Prep.Order;

/// <summary>
/// The rule of the counter: once raw meat has been touched, nothing that is eaten as it is and nothing that goes back to the
/// shelf is touched before a wash; and the work ends washed (usual caution, as every food-safety authority gives it). What is
/// only to be cooked may come after raw meat, but a good order leaves nothing there.
/// </summary>
public static class CleanToRaw
{
    /// <returns>The first step that breaks the rule; the last step where the work ends unwashed; null where all is well.</returns>
    public static WorkStep? FirstBreach(IReadOnlyList<WorkStep> steps)
    {
        bool soiled = false;
        foreach (WorkStep step in steps)
        {
            if (soiled && NeedsCleanHands(step))
            {
                return step;
            }

            soiled = step.Touches == Touches.Raw || (soiled && step.Touches != Touches.Wash);
        }

        return soiled ? steps[^1] : null;
    }

    /// <summary>The same work with a wash wherever the rule, or a clean vegetable board, asks for one.</summary>
    public static IReadOnlyList<WorkStep> Washed(IReadOnlyList<WorkStep> steps)
    {
        var all = new List<WorkStep>();
        int washes = 0;
        bool soiled = false;
        foreach (WorkStep step in steps)
        {
            if (soiled && step.Touches is not (Touches.Raw or Touches.Wash))
            {
                all.Add(Wash(++washes));
                soiled = false;
            }

            soiled = step.Touches == Touches.Raw || (soiled && step.Touches != Touches.Wash);
            all.Add(step);
        }

        if (soiled)
        {
            all.Add(Wash(++washes));
        }

        return all;
    }

    private static bool NeedsCleanHands(WorkStep step) => step.Touches is Touches.ReadyToEat or Touches.Stores;

    private static WorkStep Wash(int number) => new(
        $"wash-{number}",
        Touches.Wash,
        "Wash: hands, board, knife, tap and sink",
        "Hot water and soap, hands for 20 seconds. What touched raw meat is in the sink or on the tray, nowhere else.");
}
