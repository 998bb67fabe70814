namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>What an order of jobs costs: first what spoils, then how early one must begin, then how early everything else.</summary>
/// <param name="KeptTooLong">Minutes that things wait longer than they keep, all together.</param>
/// <param name="Length">When the first begins, min before dinner.</param>
/// <param name="Sum">When all begin, min before dinner, added up.</param>
internal readonly record struct EveningCost(long KeptTooLong, long Length, long Sum) : IComparable<EveningCost>
{
    public static EveningCost Worst { get; } = new(long.MaxValue, long.MaxValue, long.MaxValue);

    public int CompareTo(EveningCost other) => (KeptTooLong, Length, Sum).CompareTo((other.KeptTooLong, other.Length, other.Sum));
}
