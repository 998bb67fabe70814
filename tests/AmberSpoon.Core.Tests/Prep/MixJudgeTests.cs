using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Judgements;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

public sealed class MixJudgeTests
{
    private static readonly MeatToCoat Meat = new(1000, 12, 6);

    private static MixOnMeat On(Mix mix, int minutes = 60, Container container = Container.GlassOrChina, bool skin = true, GlazeBurn? burn = null) =>
        new(mix, MixScaler.Scale(mix, Meat, KitchenMeasures.Usual), Meat, skin, minutes, container, burn);

    private static MixOnMeat On(string id, int minutes = 60, Container container = Container.GlassOrChina, bool skin = true, GlazeBurn? burn = null) =>
        On(MixLibrary.Find(id)!.Mix, minutes, container, skin, burn);

    private static Loudness? Level(MixOnMeat asked, Topic topic) => MixJudge.Judge(asked).FirstOrDefault(said => said.Topic == topic)?.Level;

    [Fact]
    public void Every_ready_mix_is_well_salted_on_an_ordinary_tray()
    {
        MeatToCoat thighs = MeatToCoat.Of([Plans.Chicken(1, Cut.BoneInThigh, 6, 165)]);
        Assert.All(MixLibrary.All.Where(ready => ready.Mix.Kind is not (MixKind.JuiceSauce or MixKind.Sauce)), ready =>
            Assert.InRange(MixScaler.Scale(ready.Mix, thighs, KitchenMeasures.Usual).SaltPercent.Rounded, 0.3, 1.7));
    }

    [Theory]
    [InlineData(10, Loudness.Note)]
    [InlineData(120, Loudness.Fine)]
    [InlineData(600, Loudness.Warn)]
    public void Acid_has_its_time(int minutes, Loudness level) => Assert.Equal(level, Level(On("lemon-garlic", minutes), Topic.Contact));

    [Fact]
    public void Bare_aluminium_is_warned_of_and_only_for_marinades()
    {
        Assert.Equal(Loudness.Warn, Level(On("lemon-garlic", container: Container.BareAluminium), Topic.Container));
        Assert.Equal(Loudness.Note, Level(On("lemon-garlic", container: Container.Plastic), Topic.Container));
        Assert.Null(Level(On("harvest-rub", container: Container.BareAluminium), Topic.Container));
    }

    [Fact]
    public void Skin_is_off_under_crumb_and_on_over_butter()
    {
        Assert.Equal(Loudness.Warn, Level(On("egg-crumb", 0), Topic.Skin));
        Assert.Null(Level(On("egg-crumb", 0, skin: false), Topic.Skin));
        Assert.Equal(Loudness.Warn, Level(On("herb-butter", skin: false), Topic.Skin));
        Assert.Equal(Loudness.Note, Level(On("harvest-rub"), Topic.Surface));
    }

    [Fact]
    public void Crumb_binder_and_eggs_are_counted()
    {
        IReadOnlyList<Judgement> said = MixJudge.Judge(On("egg-crumb", 0));
        Assert.All([Topic.Binder, Topic.Crumb, Topic.Eggs], topic => Assert.Equal(Loudness.Fine, said.Single(judgement => judgement.Topic == topic).Level));
        Assert.Contains(said, judgement => judgement.Topic == Topic.Safety && judgement.Sentence.Contains("egg", StringComparison.Ordinal));
    }

    [Fact]
    public void Juices_are_boiled() => Assert.Equal(Loudness.Warn, Level(On("pan-gravy"), Topic.Safety));

    [Fact]
    public void A_glaze_that_browns_evenly_burns_from_the_start_and_not_at_the_end()
    {
        double[] browned = [.. Enumerable.Range(0, 41).Select(minute => Math.Max(0, (minute - 10) * 0.5))];
        GlazeBurn burn = GlazeBurn.Of(browned, inMinutes: 5);
        Assert.Equal(SurfaceColour.Burnt, burn.FromStart);
        Assert.Equal(45, burn.OutMinutes);
        Assert.InRange(burn.FromMinutes!.Value, 27, 29);
        Assert.InRange(burn.GoldenUntilMinutes!.Value, 43, 44);
        Assert.Contains("from minute", MixJudge.Judge(On("mustard-honey", 0, burn: burn)).Single(said => said.Topic == Topic.Burning).Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Hotter_ovens_want_the_glaze_later()
    {
        GlazeBurn At(double ovenC)
        {
            TrayPlan plan = Plans.Of(Cut.Drumstick, 115, ovenC);
            TrayLayout layout = TrayArranger.Arrange(plan);
            return GlazeBurn.Of(plan, layout, TrayForecaster.Forecast(plan, layout).Of(1), plan.Chicken[0]);
        }

        GlazeBurn moderate = At(177);
        GlazeBurn fierce = At(250);
        Assert.True(moderate.FromStart < fierce.FromStart || moderate.FromMinutes < fierce.FromMinutes);
    }
}
