using AmberSpoon.Bench;
using BenchmarkDotNet.Running;

BenchmarkSwitcher.FromAssembly(typeof(AnswerBenchmarks).Assembly).Run(args.Length > 0 ? args : ["--filter", "*"]);
