using AmberSpoon.Server.Live;

namespace AmberSpoon.Server.Clock;

/// <param name="Minutes">How far the kitchen's clock is moved on, min.</param>
/// <param name="At">Or what it shows from now on, as when another house was restored; not for a house in which something happened.</param>
internal sealed record ClockMove(double? Minutes = null, DateTimeOffset? At = null);

/// <summary>What a kitchen on a rehearsal's clock can do besides: there is none of it in a real one.</summary>
internal static class Rehearsal
{
    private const double MostMinutes = 24 * 60;

    public static void UseRehearsal(this WebApplication app)
    {
        if (app.Services.GetRequiredService<TimeProvider>() is not RehearsalClock clock)
        {
            return;
        }

        if (clock.Pace != 1)
        {
            app.Use((context, next) =>
            {
                context.Response.Headers[RehearsalClock.PaceHeader] = FormattableString.Invariant($"{clock.Pace:0.###}");
                return next(context);
            });
        }

        app.MapPost("/api/rehearsal/clock", async (ClockMove move, KitchenNews news) =>
        {
            if (move.At is { } at)
            {
                clock.Move(at - clock.GetUtcNow());
            }
            else if (move.Minutes is { } minutes and > 0 and <= MostMinutes)
            {
                clock.Move(TimeSpan.FromMinutes(minutes));
            }
            else
            {
                throw Problems.ProblemException.InvalidField("minutes", "Move the clock on by up to a day, in minutes.");
            }

            await news.Changed(KitchenTopic.Oven);
            await news.Changed(KitchenTopic.Marinades);
            return TypedResults.NoContent();
        }).ExcludeFromDescription();
    }
}
