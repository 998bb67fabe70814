using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes;
using AmberSpoon.Formats.Recipes.ToKitchen;
using Xunit;

namespace AmberSpoon.Formats.Tests.Recipes;

public sealed class RecipeTranslationTests
{
    private static readonly TrayPlan Empty = new(
        "Empty", [], [], [Vessel.HalfSheet], OvenMode.Still, new(200, TemperatureUnit.Celsius), [], ProfileId.UnitedStates, 5, null, []);

    private static RecipeTranslation Of(params string[] lines) =>
        RecipeTranslation.Of(RecipeReader.Read($"Test\nIngredients\n{string.Join('\n', lines)}\nMethod\nBake at 180 C fan for 50 minutes.").Recipe, Empty);

    [Theory]
    [InlineData("6 bone-in chicken thighs", Cut.BoneInThigh, 6, true)]
    [InlineData("1 kg boneless, skinless chicken thighs", Cut.BonelessThigh, 9, false)]
    [InlineData("8 chicken drumsticks, skin removed", Cut.Drumstick, 8, false)]
    [InlineData("4 chicken leg quarters", Cut.LegQuarter, 4, true)]
    [InlineData("2 x 200 g chicken breasts", Cut.BonelessBreast, 2, true)]
    [InlineData("3 bone-in chicken breasts", Cut.BoneInBreast, 3, true)]
    [InlineData("12 chicken wings", Cut.WholeWing, 12, true)]
    public void Chicken_becomes_a_lot_of_its_cut(string line, Cut cut, int count, bool skinOn)
    {
        ChickenLot lot = Assert.Single(Of(line).Plan.Chicken);
        Assert.Equal((cut, count, skinOn), (lot.Cut, lot.Count, lot.SkinOn));
    }

    [Theory]
    [InlineData("6 bone-in chicken thighs (about 1.2 kg)", 1200)]
    [InlineData("4 chicken breasts, about 180 g each", 720)]
    [InlineData("8 chicken drumsticks", 920)]
    public void Counted_pieces_weigh_what_is_said_of_them(string line, double massG) =>
        Assert.Equal(massG, Of(line).Plan.Chicken[0].MassesG().Sum(), 1);

    [Fact]
    public void A_whole_bird_is_cut_up()
    {
        TrayPlan plan = Of("1 whole chicken").Plan;
        Assert.Equal([Cut.BoneInBreast, Cut.LegQuarter, Cut.WholeWing], plan.Chicken.Select(lot => lot.Cut));
        Assert.InRange(plan.Chicken.Sum(lot => lot.MassesG().Sum()), 1200, 1500);
    }

    [Fact]
    public void Vegetables_are_weighed_however_they_are_counted()
    {
        TrayPlan plan = Of("6 chicken thighs", "500 g potatoes", "2 red onions", "2 cups broccoli florets", "1 lb carrots", "1 tsp onion powder").Plan;
        Assert.Equal([Vegetable.Potato, Vegetable.Onion, Vegetable.Broccoli, Vegetable.Carrot], plan.Vegetables.Select(lot => lot.Kind));
        Assert.Equal(500, plan.Vegetables[0].Amount.Grams());
        Assert.InRange(plan.Vegetables[1].Amount.Grams(), 250, 450);
        Assert.InRange(plan.Vegetables[2].Amount.Grams(), 200, 350);
        Assert.Equal(450, plan.Vegetables[3].Amount.Grams());
        Assert.Equal([.. Enumerable.Range(1, 5)], plan.Chicken.Select(lot => lot.Id).Concat(plan.Vegetables.Select(lot => lot.Id)).Order());
    }

    [Fact]
    public void The_oven_comes_along_and_what_is_left_makes_the_mix()
    {
        RecipeTranslation made = Of("1 kg chicken thighs", "3 tbsp olive oil", "juice of 1 lemon", "2 tsp salt", "4 garlic cloves", "1 tsp moon dust", "parsley, to serve");
        Assert.Equal((180, OvenMode.Fan), (made.Plan.OvenSetting.Value, made.Plan.OvenMode));
        Assert.Equal((MixKind.WetMarinade, MixBasis.KilogramOfMeat), (made.Mixes[0].Kind, made.Mixes[0].Per));
        Assert.Equal(["oil", "lemonJuice", "fineSalt", "garlic", null], made.Mixes[0].Parts.Select(part => part.Ingredient));
        Assert.Equal(45, made.Mixes[0].Parts[1].Amount.Value, 1e-9);
        Assert.Equal(MeasureUnit.Teaspoon, made.Mixes[0].Parts[2].Amount.Unit);
        Assert.Equal(2, made.Mixes[0].Parts[2].Amount.Value, 1e-9);
        Assert.Equal(Coating.WetMarinade, made.Plan.Chicken[0].Coating);
        Assert.Equal(["parsley, to serve"], made.LeftOut);
    }

    [Theory]
    [InlineData(MixKind.CrumbOverEgg, "2 eggs", "100 g breadcrumbs")]
    [InlineData(MixKind.CrumbOverMayonnaise, "4 tbsp mayonnaise", "100 g breadcrumbs")]
    [InlineData(MixKind.YogurtMarinade, "200 g yogurt", "1 tsp cumin")]
    [InlineData(MixKind.Glaze, "4 tbsp honey", "2 tbsp soy sauce")]
    [InlineData(MixKind.DryRub, "2 tsp paprika", "1 tsp salt")]
    public void The_kind_of_mix_follows_from_what_is_in_it(MixKind kind, params string[] lines) => Assert.Equal(kind, Of(["6 chicken thighs", .. lines]).Mixes[0].Kind);

    [Fact]
    public void A_recipe_without_chicken_makes_no_tray() => Assert.Throws<RecipeFormatException>(() => Of("500 g potatoes", "1 l chicken stock"));

    [Fact]
    public void A_plan_given_away_reads_back_with_its_quantities_and_oven()
    {
        TrayPlan plan = Of("6 bone-in chicken thighs", "400 g potatoes").Plan;
        TrayForecast forecast = TrayForecaster.Forecast(plan, TrayArranger.Arrange(plan));
        Mix mix = MixLibrary.Find("harvest-rub")!.Mix;
        ScaledMix scaled = MixScaler.Scale(mix, MeatToCoat.Of(plan.Chicken), KitchenMeasures.Usual);
        RecipeDocument ours = RecipeFromPlan.Of(plan, forecast, [(mix.Name, scaled)], WorkOrder.Of(new(plan, [], new Dictionary<string, double>(), 60, Garnish: false)), heads: 3);
        RecipeDocument back = RecipeReader.Read(RecipeWriter.Write(ours)).Recipe;
        Assert.Equal(ours.Ingredients.Select(line => (line.Low, line.Unit, line.Name)), back.Ingredients.Select(line => (line.Low, line.Unit, line.Name)));
        Assert.Equal((3, forecast.PullMinutes), (back.Serves, back.BakeMinutes));
        Assert.Equal(plan.OvenSetting, back.Ovens[^1].Setting);
        Assert.Equal(ours.Steps, back.Steps);

        RecipeTranslation again = RecipeTranslation.Of(back, Empty);
        Assert.Equal(plan.Chicken.Select(lot => (lot.Cut, lot.Count)), again.Plan.Chicken.Select(lot => (lot.Cut, lot.Count)));
        Assert.Equal(plan.Vegetables[0].Amount.Grams(), again.Plan.Vegetables[0].Amount.Grams());
        Assert.Equal(scaled.Parts.Count, again.Mixes[0].Parts.Count);
    }

    private static RecipeTranslation Read(string text) => RecipeTranslation.Of(RecipeReader.Read(text, TestContext.Current.CancellationToken).Recipe, Empty);

    /// <summary>Two stages, two mixes, foil, a turn, and a glaze with its minute.</summary>
    [Fact]
    public void A_recipe_with_stages_and_two_mixes_comes_in_whole()
    {
        RecipeTranslation made = Read("""
            Porch drumsticks
            Serves 4
            Ingredients
            8 chicken drumsticks
            For the rub:
            2 tsp salt
            1 tbsp paprika
            For the glaze:
            4 tbsp honey
            2 tbsp soy sauce
            Method
            Heat the oven to 220 °C.
            Rub the drumsticks all over.
            Bake for 20 minutes.
            Turn the pieces over and lower the oven to 180 °C. After 30 minutes brush the glaze on. Bake for 20 minutes more.
            """);
        Assert.Equal([MixKind.DryRub, MixKind.Glaze], made.Mixes.Select(mix => mix.Kind));
        Assert.Equal(["Porch drumsticks, rub", "Porch drumsticks, glaze"], made.Mixes.Select(mix => mix.Name));
        Assert.Equal(
            [(Coating.DryRub, CoatTime.On, "recipe-0", null), (Coating.Glaze, CoatTime.AtMinute, "recipe-1", 30)],
            made.Plan.Chicken[0].Coats.Select(coat => (coat.Kind, coat.When, coat.Mix, coat.AtMinutes)));
        Assert.Equal([(StepKind.Lower, 20), (StepKind.Turn, 20)], made.Plan.Steps.Select(step => (step.Kind, step.AtMinutes)));
        Assert.Equal(180, made.Plan.Steps[0].Setting!.Value);
        Assert.Empty(made.LeftOut);
    }

    [Fact]
    public void Foil_comes_off_when_it_says_and_a_sauce_that_nobody_pours_is_for_the_table()
    {
        RecipeTranslation made = Read("""
            Deep dish legs
            Ingredients
            4 chicken legs
            500 g potatoes
            For the sauce:
            200 ml cream
            1 tbsp mustard
            Method
            Heat the oven to 200 °C. Cover with foil and bake for 60 minutes.
            Remove the foil and bake for 30 minutes. Serve.
            """);
        Assert.Equal([(StepKind.Cover, 0), (StepKind.Uncover, 60)], made.Plan.Steps.Select(step => (step.Kind, step.AtMinutes)));
        Assert.Equal((Coating.Sauce, CoatTime.AtTable), Assert.Single(made.Plan.Chicken[0].Coats) is var coat ? (coat.Kind, coat.When) : default);
    }

    [Theory]
    [InlineData("Bake for 25 minutes. Pour off the juices. Bake for 20 minutes.", StepKind.Drain, 25)]
    [InlineData("Bake for 30 minutes, basting with the juices. Baste and bake for 15 minutes.", StepKind.Baste, 30)]
    [InlineData("Bake for 40 minutes, turning the pieces over half-way.", StepKind.Turn, null)]
    [InlineData("Bake for 40 minutes. Cover with foil and let it rest for 10 minutes.", StepKind.Cover, null)]
    [InlineData("Preheat the oven to 200 °C. Turn the chicken in the oil. Bake for 40 minutes.", StepKind.Lower, null)]
    public void A_step_is_taken_where_the_recipe_bakes_and_not_elsewhere(string method, StepKind kind, int? minute)
    {
        RecipeTranslation made = Read($"Legs\nIngredients\n4 chicken legs\nMethod\nHeat the oven to 200 °C. {method}");
        Assert.Equal(minute, made.Plan.Steps.FirstOrDefault(step => step.Kind == kind)?.AtMinutes);
    }

    [Theory]
    [InlineData("Bake at 220 °C for 30 minutes, then reduce the oven to 180 °C and bake 20 to 25 minutes more.", 30, 180, 55)]
    [InlineData("Roast at 220 °C for 30 minutes, then at 180 °C for 25 minutes.", 30, 180, 55)]
    [InlineData("Bake 20 minutes, lower the heat to 350 °F and bake for 40 minutes.", 20, 350, 60)]
    [InlineData("Bake for 20 minutes. Turn the oven down to 180 °C. Bake for 25 minutes.", 20, 180, 45)]
    [InlineData("Bake for 45 minutes. After 20 minutes turn the oven to 180 °C.", 20, 180, 45)]
    [InlineData("Bake for 40 minutes, then turn the pieces over and bake 10 minutes.", null, null, 40)]
    [InlineData("Bake for 40 minutes until the middle is 74 °C, then rest 10 minutes.", null, null, 40)]
    [InlineData("Bake for 40 minutes until golden, then check that it is 165 °F.", null, null, 40)]
    public void A_dial_turned_on_the_way_makes_stages_and_their_times_add_up(string method, int? at, int? dial, int minutes)
    {
        RecipeTranslation made = Read($"Legs\nIngredients\n4 chicken legs\nMethod\nHeat the oven to 220 °C. {method}");
        PlannedStep? turned = made.Plan.Steps.SingleOrDefault(step => step.Kind == StepKind.Lower);
        Assert.Equal((at, (double?)dial), (turned?.AtMinutes, turned?.Setting?.Value));
        Assert.Equal(minutes, made.BakeMinutes);
        Assert.Equal(220, made.Plan.OvenSetting.Value);
    }

    [Fact]
    public void What_follows_in_the_same_sentence_happens_after_it()
    {
        RecipeTranslation made = Read("Legs\nIngredients\n4 chicken legs\nMethod\nHeat the oven to 200 °C. Bake for 25 minutes, then pour off the juices and bake 20 minutes, then turn the pieces over and bake 10 minutes.");
        Assert.Equal([(StepKind.Drain, 25), (StepKind.Turn, 45)], made.Plan.Steps.Select(step => (step.Kind, step.AtMinutes)));
    }

    /// <summary>What goes out with stages, coats and headings comes back with them.</summary>
    [Fact]
    public void A_plan_with_stages_and_two_mixes_survives_the_way_out_and_in()
    {
        TrayPlan plan = Of("6 bone-in chicken thighs").Plan;
        Mix rub = MixLibrary.Find("harvest-rub")!.Mix;
        Mix glaze = MixLibrary.Find("apricot")!.Mix;
        plan = plan with
        {
            Steps = [new(StepKind.Turn, 15), new(StepKind.Lower, 20, new(180, TemperatureUnit.Celsius))],
            Chicken =
            [
                plan.Chicken[0] with
                {
                    Coats = [new(Coating.DryRub, CoatTime.On, "harvest-rub") { Name = rub.Name }, new(Coating.Glaze, CoatTime.AtMinute, "apricot") { Name = glaze.Name, AtMinutes = 25 }],
                },
            ],
        };
        TrayForecast forecast = TrayForecaster.Forecast(plan, TrayArranger.Arrange(plan));
        MeatToCoat meat = MeatToCoat.Of(plan.Chicken);
        (string, ScaledMix)[] mixes = [(rub.Name, MixScaler.Scale(rub, meat, KitchenMeasures.Usual)), (glaze.Name, MixScaler.Scale(glaze, meat, KitchenMeasures.Usual))];
        WorkPlan work = new(plan, Bowl.Of(plan, id => MixLibrary.Find(id)?.Mix), new Dictionary<string, double>(), 60, Garnish: false);
        RecipeDocument back = RecipeReader.Read(RecipeWriter.Write(RecipeFromPlan.Of(plan, forecast, mixes, WorkOrder.Of(work), heads: 4))).Recipe;
        Assert.Equal(["", "harvest rub", "apricot glaze"], back.Ingredients.Select(line => line.Section).Distinct());
        RecipeTranslation again = RecipeTranslation.Of(back, Empty);
        Assert.Equal([MixKind.DryRub, MixKind.Glaze], again.Mixes.Select(mix => mix.Kind));
        Assert.Equal([(Coating.DryRub, null), (Coating.Glaze, 25)], again.Plan.Chicken[0].Coats.Select(coat => (coat.Kind, coat.AtMinutes)));
        Assert.Equal([(StepKind.Turn, 15), (StepKind.Lower, 20)], again.Plan.Steps.Select(step => (step.Kind, step.AtMinutes)));
    }
}
