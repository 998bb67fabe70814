using System.Globalization;

namespace AmberSpoon.Server.Commands;

/// <summary>How far from UTC the clock of whoever asks is set: what has no offset of its own is said as that clock shows it.</summary>
internal sealed class AskersClock(IHttpContextAccessor asked)
{
    /// <summary>Minutes east of UTC, as pages send it with every question.</summary>
    public const string Header = "Utc-Offset-Minutes";

    private const int FurthestMinutes = 14 * 60;

    /// <summary>Zero where nothing, or nothing that a clock can be set to, was sent.</summary>
    public TimeSpan Offset => Told ?? TimeSpan.Zero;

    /// <summary>Null where nothing, or nothing that a clock can be set to, was sent.</summary>
    public TimeSpan? Told => int.TryParse(asked.HttpContext?.Request.Headers[Header], NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out int minutes)
        && Math.Abs(minutes) <= FurthestMinutes
        ? TimeSpan.FromMinutes(minutes)
        : null;
}
