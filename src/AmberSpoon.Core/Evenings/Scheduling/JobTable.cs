namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>The jobs of one evening by number, and where the last order of placing them put each.</summary>
internal sealed class JobTable
{
    private readonly Job[] _jobs;
    private readonly (int Job, int WaitMinutes)[][] _then;
    private readonly int[] _tail;
    private readonly int[] _ends;
    private readonly int[] _begins;
    private readonly Occupancy _taken;

    public JobTable(IReadOnlyList<Job> jobs, IReadOnlyDictionary<Resource, int> capacity)
    {
        _jobs = [.. jobs];
        var number = new Dictionary<string, int>(StringComparer.Ordinal);
        for (int i = 0; i < _jobs.Length; i++)
        {
            if (!number.TryAdd(_jobs[i].Key, i))
            {
                throw new ArgumentException($"Two jobs are called “{_jobs[i].Key}”.", nameof(jobs));
            }
        }

        _then = [.. _jobs.Select(job => job.Then.Where(link => number.ContainsKey(link.Key)).Select(link => (number[link.Key], link.WaitMinutes)).ToArray())];
        _tail = new int[_jobs.Length];
        int[] seen = new int[_jobs.Length];
        for (int i = 0; i < _jobs.Length; i++)
        {
            Tail(i, seen);
        }

        _ends = new int[_jobs.Length];
        _begins = new int[_jobs.Length];
        _taken = new(capacity);
        Movable = [.. Enumerable.Range(0, _jobs.Length).Where(i => _jobs[i].PinnedBefore is null)];
    }

    /// <summary>Jobs that are not pinned, by number.</summary>
    public int[] Movable { get; }

    /// <summary>What waits for this one has been placed before it.</summary>
    public bool MayFollow(int[] order, int at)
    {
        foreach ((int later, _) in _then[order[at]])
        {
            if (_jobs[later].PinnedBefore is null && Array.IndexOf(order, later, 0, at) < 0)
            {
                return false;
            }
        }

        return true;
    }

    public bool IsInOrder(int[] order)
    {
        for (int i = 0; i < order.Length; i++)
        {
            if (!MayFollow(order, i))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Which to place first where not every order is tried: the lowest number of a rule.</summary>
    public IEnumerable<Func<int, double>> Rules() =>
    [
        i => _tail[i],
        i => -_tail[i],
        i => _jobs[i].KeepsMinutes,
        i => -_jobs[i].Minutes,
        i => (_jobs[i].KeepsMinutes < int.MaxValue ? 0 : 1e6) + _tail[i],
        i => (_jobs[i].Needs.Any(need => need.Resource == Resource.Hands) ? 1e6 : 0) + _tail[i],
    ];

    /// <summary>In the order of a rule as far as what waits for what allows.</summary>
    public int[] OrderBy(int[] movable, Func<int, double> rule)
    {
        var left = movable.OrderBy(rule).ThenBy(i => i).ToList();
        var order = new List<int>();
        while (left.Count > 0)
        {
            int next = left.First(i => _then[i].All(link => _jobs[link.Job].PinnedBefore is not null || order.Contains(link.Job)));
            left.Remove(next);
            order.Add(next);
        }

        return [.. order];
    }

    public EveningCost Place(int[] order)
    {
        _taken.Clear();
        for (int i = 0; i < _jobs.Length; i++)
        {
            if (_jobs[i].PinnedBefore is { } begins)
            {
                Put(i, begins - _jobs[i].Minutes, begins, isPinned: true);
            }
        }

        foreach (int i in order)
        {
            Place(i);
        }

        long late = 0;
        long length = 0;
        long sum = 0;
        for (int i = 0; i < _jobs.Length; i++)
        {
            late += KeptTooLong(i);
            length = Math.Max(length, _begins[i]);
            sum += _begins[i];
        }

        return new(late, length, sum);
    }

    public IEnumerable<PlacedJob> Placed() => _jobs.Select((job, i) => new PlacedJob(job, _begins[i], _ends[i], KeptTooLong(i)));

    private int KeptTooLong(int i) => _jobs[i].PinnedBefore is null ? Math.Max(0, _ends[i] - _jobs[i].KeepsMinutes) : 0;

    private void Place(int i)
    {
        Job job = _jobs[i];
        int ends = 0;
        foreach ((int later, int wait) in _then[i])
        {
            ends = Math.Max(ends, _begins[later] + wait);
        }

        while (true)
        {
            if (job.CanPause)
            {
                if (PausingFrom(ends, job.Minutes, out int begins, out int next))
                {
                    Put(i, ends, begins, isPinned: false);
                    return;
                }

                ends = next;
            }
            else if (Fits(job, ends, out int moveBy))
            {
                Put(i, ends, ends + job.Minutes, isPinned: false);
                return;
            }
            else
            {
                ends += moveBy;
            }

            if (ends > JobScheduler.LongestMinutes)
            {
                // Jobs are finite and so is what they take: behind the last of them there is always room.
                throw new InvalidOperationException($"There is no room for “{job.Key}”.");
            }
        }
    }

    private bool Fits(Job job, int ends, out int moveBy)
    {
        int begins = ends + job.Minutes;
        foreach (Need need in job.Needs)
        {
            if (!_taken.HasRoom(need.Resource, begins - need.UntilMinutes, begins - need.FromMinutes, need.Amount, out moveBy))
            {
                moveBy = Math.Max(1, moveBy);
                return false;
            }
        }

        moveBy = 0;
        return true;
    }

    /// <summary>Minute after minute away from dinner, over what cannot be moved; never begun or ended in the middle of it.</summary>
    private bool PausingFrom(int ends, int minutes, out int begins, out int next)
    {
        int left = minutes;
        int at = ends;
        next = ends + 1;
        while (left > 0)
        {
            HandsAt hands = _taken.HandsIn(at);
            if (hands == HandsAt.Busy || (hands == HandsAt.Pinned && left == minutes))
            {
                begins = 0;
                next = at + 1;
                return false;
            }

            at++;
            left -= hands == HandsAt.Free ? 1 : 0;
        }

        begins = at;
        return true;
    }

    private void Put(int i, int ends, int begins, bool isPinned)
    {
        Job job = _jobs[i];
        (_ends[i], _begins[i]) = (ends, begins);
        if (job.CanPause)
        {
            // Only in the minutes that hands are there for it.
            int from = ends;
            for (int at = ends; at <= begins; at++)
            {
                if (at == begins || _taken.HandsIn(at) != HandsAt.Free)
                {
                    _taken.Take(Resource.Hands, from, at, 1, isPinned);
                    from = at + 1;
                }
            }

            return;
        }

        foreach (Need need in job.Needs)
        {
            _taken.Take(need.Resource, begins - need.UntilMinutes, begins - need.FromMinutes, need.Amount, isPinned);
        }
    }

    /// <summary>How long before dinner it begins if nothing but what waits for it holds it up, min.</summary>
    private int Tail(int i, int[] seen)
    {
        const int open = 1;
        const int done = 2;
        if (seen[i] == done)
        {
            return _tail[i];
        }

        if (seen[i] == open)
        {
            throw new ArgumentException($"“{_jobs[i].Key}” waits for itself.", nameof(i));
        }

        seen[i] = open;
        int ends = 0;
        foreach ((int later, int wait) in _then[i])
        {
            ends = Math.Max(ends, Tail(later, seen) + wait);
        }

        _tail[i] = _jobs[i].PinnedBefore ?? (ends + _jobs[i].Minutes);
        seen[i] = done;
        return _tail[i];
    }
}
