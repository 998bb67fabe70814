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
        .LoadAssembliesIncludingDependencies([typeof(TrayPlan).Assembly, typeof(KitchenDb).Assembly, typeof(RecipeReader).Assembly, typeof(Program).Assembly], recursive: false)
        .Build();

    private static readonly IObjectProvider<IType> Core = Types().That().ResideInAssembly(typeof(TrayPlan).Assembly).As("Core");
    private static readonly IObjectProvider<IType> Store = Types().That().ResideInAssembly(typeof(KitchenDb).Assembly).As("Store");
    private static readonly IObjectProvider<IType> Formats = Types().That().ResideInAssembly(typeof(RecipeReader).Assembly).As("Formats");
    private static readonly IObjectProvider<IType> Server = Types().That().ResideInAssembly(typeof(Program).Assembly).As("Server");

    [Fact]
    public void Core_depends_on_nobody() => Types().That().Are(Core).Should()
        .NotDependOnAny(Types().That().Are(Store).Or().Are(Formats).Or().Are(Server)).Check(House);

    [Fact]
    public void Core_knows_no_web_and_no_database() => Types().That().Are(Core).Should()
        .NotDependOnAny(Types().That().ResideInNamespaceMatching("^Microsoft\\.")).Check(House);

    [Fact]
    public void Core_knows_no_clock()
    {
        string[] clocks = ["System.DateTimeOffset::get_Now", "System.DateTimeOffset::get_UtcNow", "System.DateTime::get_Now", "System.DateTime::get_UtcNow", "System.TimeProvider"];
        IEnumerable<string> called = House.Types.Where(type => type.Assembly.Name.StartsWith("AmberSpoon.Core", StringComparison.Ordinal))
            .SelectMany(type => type.Dependencies)
            .Select(dependency => dependency is ArchUnitNET.Domain.Dependencies.MethodCallDependency call
                ? $"{call.Target.FullName}::{call.TargetMember.Name}"
                : dependency.Target.FullName);
        Assert.DoesNotContain(called, target => clocks.Any(clock => target.StartsWith(clock, StringComparison.Ordinal)));
    }

    [Fact]
    public void Store_does_not_know_the_server() => Types().That().Are(Store).Should()
        .NotDependOnAny(Types().That().Are(Server).Or().Are(Formats)).Check(House);

    [Fact]
    public void Formats_know_only_the_core() => Types().That().Are(Formats).Should()
        .NotDependOnAny(Types().That().Are(Server).Or().Are(Store)).Check(House);
}
