namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>When a job is done. Minutes count back from dinner.</summary>
/// <param name="Job">The job.</param>
/// <param name="BeginsBefore">It begins so long before dinner, min.</param>
/// <param name="EndsBefore">It ends so long before dinner, min.</param>
/// <param name="KeptTooLong">How much longer than it keeps it has to wait for dinner, min; 0 where all is well.</param>
public sealed record PlacedJob(Job Job, int BeginsBefore, int EndsBefore, int KeptTooLong);
