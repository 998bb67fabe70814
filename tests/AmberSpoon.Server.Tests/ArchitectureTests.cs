using AmberSpoon.Core.Trays;
using AmberSpoon.Formats.Recipes;
using AmberSpoon.Store;
using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using Xunit;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace AmberSpoon.Server.Tests;

/// <summary>Arrows point one way: Server → Store, Formats → Core, and Core knows no web, database or clock.</summary>
public sealed class ArchitectureTests
{
    private static readonly Architecture House = new ArchLoader()
        .LoadAssemblies(typeof(TrayPlan).Assembly, typeof(KitchenDb).Assembly, typeof(RecipeReader).Assembly, typeof(Program).Assembly)
        .Build();

    private static readonly IObjectProvider<IType> Core = Types().That().ResideInAssembly(typeof(TrayPlan).Assembly).As("Core");
    private static readonly IObjectProvider<IType> Store = Types().That().ResideInAssembly(typeof(KitchenDb).Assembly).As("Store");
    private static readonly IObjectProvider<IType> Formats = Types().That().ResideInAssembly(typeof(RecipeReader).Assembly).As("Formats");
    private static readonly IObjectProvider<IType> Server = Types().That().ResideInAssembly(typeof(Program).Assembly).As("Server");

    /// <summary>Types, and methods as "type::method", of whichever assembly.</summary>
    private static readonly string[] CalledByCore =
    [
        .. House.Types.Where(type => type.Assembly.Name.StartsWith("AmberSpoon.Core", StringComparison.Ordinal))
            .SelectMany(type => type.Dependencies)
            .Select(dependency => dependency is ArchUnitNET.Domain.Dependencies.MethodCallDependency call
                ? $"{call.Target.FullName}::{call.TargetMember.Name}"
                : dependency.Target.FullName)
            .Distinct(),
    ];

    /// <summary>Otherwise no rule about others' code could fail.</summary>
    [Theory]
    [InlineData("System.Math::Sqrt(")]
    [InlineData("System.DateTimeOffset::AddMinutes(")]
    [InlineData("MathNet.Numerics.")]
    public void What_core_calls_of_others_is_seen(string called) =>
        Assert.Contains(CalledByCore, target => target.StartsWith(called, StringComparison.Ordinal));

    [Fact]
    public void Core_depends_on_nobody() => Types().That().Are(Core).Should()
        .NotDependOnAny(Types().That().Are(Store).Or().Are(Formats).Or().Are(Server)).Check(House);

    [Fact]
    public void Core_knows_no_web_and_no_database() => Assert.DoesNotContain(
        CalledByCore, target => target.StartsWith("Microsoft.", StringComparison.Ordinal));

    [Fact]
    public void Core_knows_no_clock()
    {
        string[] clocks = ["System.DateTimeOffset::get_Now", "System.DateTimeOffset::get_UtcNow", "System.DateTime::get_Now", "System.DateTime::get_UtcNow", "System.TimeProvider"];
        Assert.DoesNotContain(CalledByCore, target => clocks.Any(clock => target.StartsWith(clock, StringComparison.Ordinal)));
    }

    [Fact]
    public void Store_does_not_know_the_server() => Types().That().Are(Store).Should()
        .NotDependOnAny(Types().That().Are(Server).Or().Are(Formats)).Check(House);

    [Fact]
    public void Formats_know_only_the_core() => Types().That().Are(Formats).Should()
        .NotDependOnAny(Types().That().Are(Server).Or().Are(Store)).Check(House);

    /// <summary>A change in one folder must not come back to it through another.</summary>
    [Fact]
    public void No_namespace_leads_back_to_itself()
    {
        Dictionary<string, Dictionary<string, string>> arrows = [];
        foreach (IType type in House.Types.Where(IsOurs))
        {
            string from = type.Namespace.FullName;
            foreach (IType to in type.Dependencies.Select(dependency => dependency.Target).Where(IsOurs))
            {
                if (to.Namespace.FullName != from)
                {
                    arrows.TryAdd(from, []);
                    arrows[from].TryAdd(to.Namespace.FullName, $"{type.Name} → {to.Name}");
                }
            }
        }

        string[] circles = [.. arrows.Keys.Select(start => Circle(start, start, [], [])).OfType<string>()];
        Assert.True(circles.Length == 0, string.Join("\n", circles));
        Assert.True(arrows.Count > 30, "The house was not looked at.");

        string? Circle(string start, string at, List<string> way, HashSet<string> seen)
        {
            foreach ((string next, string by) in arrows.GetValueOrDefault(at) ?? [])
            {
                if (next == start)
                {
                    return $"{start}: {string.Join(", ", [.. way, by])}";
                }

                if (seen.Add(next) && Circle(start, next, [.. way, by], seen) is { } circle)
                {
                    return circle;
                }
            }

            return null;
        }

        static bool IsOurs(IType type) => type.Namespace is { FullName: { } name } && name.StartsWith("AmberSpoon", StringComparison.Ordinal)
            && !name.EndsWith("Compiled", StringComparison.Ordinal) && !name.EndsWith("Migrations", StringComparison.Ordinal);
    }
}
