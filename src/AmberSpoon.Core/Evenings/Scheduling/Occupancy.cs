namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>Who has what when, on a time that counts back from dinner: a stretch reaches from its end up to its begin.</summary>
internal sealed class Occupancy(IReadOnlyDictionary<Resource, int> capacity)
{
    private readonly List<Stretch>[] _taken = [.. Enum.GetValues<Resource>().Select(_ => new List<Stretch>())];

    public void Clear()
    {
        foreach (List<Stretch> stretches in _taken)
        {
            stretches.Clear();
        }
    }

    public void Take(Resource resource, int endsBefore, int beginsBefore, int amount, bool isPinned)
    {
        if (beginsBefore > endsBefore && amount > 0)
        {
            _taken[(int)resource].Add(new(endsBefore, beginsBefore, amount, isPinned));
        }
    }

    /// <summary>
    /// Whether a stretch has room; where it has none, the least minute by which its end must be moved away from dinner before it is
    /// worth trying again.
    /// </summary>
    public bool HasRoom(Resource resource, int endsBefore, int beginsBefore, int amount, out int mustMoveBy)
    {
        mustMoveBy = 0;
        List<Stretch> taken = _taken[(int)resource];
        int most = capacity.GetValueOrDefault(resource, 1);
        foreach (Stretch first in taken)
        {
            if (first.Ends >= beginsBefore || first.Begins <= endsBefore)
            {
                continue;
            }

            // The fullest moment of an overlap is where one of its stretches begins or where this one does.
            int at = Math.Max(first.Ends, endsBefore);
            int used = 0;
            int soonestFree = int.MaxValue;
            foreach (Stretch other in taken)
            {
                if (other.Ends <= at && other.Begins > at)
                {
                    used += other.Amount;
                    soonestFree = Math.Min(soonestFree, other.Begins);
                }
            }

            if (used + amount > most)
            {
                mustMoveBy = Math.Max(mustMoveBy, soonestFree - endsBefore);
                return false;
            }
        }

        return true;
    }

    /// <summary>What hands do in the minute that ends so long before dinner.</summary>
    public HandsAt HandsIn(int endsBefore)
    {
        int used = 0;
        bool isPinned = true;
        foreach (Stretch stretch in _taken[(int)Resource.Hands])
        {
            if (stretch.Ends <= endsBefore && stretch.Begins > endsBefore)
            {
                used += stretch.Amount;
                isPinned &= stretch.IsPinned;
            }
        }

        return used < capacity.GetValueOrDefault(Resource.Hands, 1) ? HandsAt.Free : isPinned ? HandsAt.Pinned : HandsAt.Busy;
    }

    private readonly record struct Stretch(int Ends, int Begins, int Amount, bool IsPinned);
}

/// <summary>What hands do in one minute.</summary>
internal enum HandsAt
{
    Free,

    /// <summary>They do what cannot be moved, and come back.</summary>
    Pinned,

    Busy,
}
