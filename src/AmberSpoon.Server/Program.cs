using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using AmberSpoon.Server.Clock;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Startup;
using AmberSpoon.Server.Stations.Choices;
using AmberSpoon.Server.Stations.Log;
using AmberSpoon.Server.Stations.Oven;
using AmberSpoon.Server.Stations.Prep;
using AmberSpoon.Server.Stations.Recipes;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Server.Stations.Why;
using AmberSpoon.Store;
using FluentValidation;
using Serilog;

WebApplicationBuilder builder = WebApplication.CreateBuilder(args);
KitchenSettings settings = builder.Configuration.GetSection("Kitchen").Get<KitchenSettings>() ?? new();
bool onlyDescribing = Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

builder.Host.UseSerilog((context, log) => log.ReadFrom.Configuration(context.Configuration).WriteTo.Console(
    formatProvider: System.Globalization.CultureInfo.InvariantCulture));
builder.Services.AddSingleton(settings);
builder.Services.AddSingleton<TimeProvider>(_ =>
    settings.ClockStartsAt is { } startsAt ? new ShiftedTimeProvider(startsAt) : TimeProvider.System);
builder.Services.AddDbContext<KitchenDb>((services, options) =>
    KitchenDb.Configure(options, services.GetRequiredService<KitchenSettings>().File));
builder.Services.AddScoped<TrayShelf>();
builder.Services.AddScoped<BakeBook>();
builder.Services.AddScoped<OvenDesk>();
builder.Services.AddScoped<TrayDesk>();
builder.Services.AddScoped<PrepShelf>();
builder.Services.AddScoped<PrepDesk>();
builder.Services.AddScoped<RecipeDesk>();
builder.Services.AddSingleton<TrayPlanner>();
builder.Services.AddSingleton<PrepPlanner>();
builder.Services.AddSingleton<LiveEstimates>();
builder.Services.AddSingleton<KitchenNews>();
builder.Services.AddSingleton<IValidator<TrayPlanRequest>, TrayPlanValidator>();
builder.Services.AddSingleton<IValidator<PrepRequest>, PrepValidator>();
builder.Services.AddSingleton<IValidator<MixRequest>, MixValidator>();
builder.Services.AddSignalR();
builder.Services.AddOpenApi();
builder.Services.AddProblemDetails(options => options.CustomizeProblemDetails = UnreadableRequest.ExplainSize);
builder.Services.AddExceptionHandler<ProblemHandler>();
builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
builder.Services.ConfigureHttpJsonOptions(options =>
{
    options.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
    options.SerializerOptions.RespectRequiredConstructorParameters = true;
    options.SerializerOptions.RespectNullableAnnotations = true;
    options.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
});
builder.WebHost.ConfigureKestrel(kestrel => kestrel.Limits.MaxRequestBodySize = 256 * 1024);
if (!onlyDescribing)
{
    builder.Services.AddHostedService<KitchenOpening>();
}

WebApplication app = builder.Build();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UsePageHeaders();
app.UseDefaultFiles();
app.UseStaticFiles();

RouteGroupBuilder api = app.MapGroup("/api");
api.MapTray();
api.MapPrep();
api.MapRecipes();
api.MapOven();
api.MapLog();
api.MapWhy();
api.MapGet("/choices", () => ChoicesView.All).WithName("GetChoices").WithTags("Choices").WithSummary("Cuts and safety profiles.");

app.MapGet("/healthz", async (KitchenDb db, CancellationToken cancel) => await db.Database.CanConnectAsync(cancel)
    ? Results.Text("well")
    : Results.StatusCode(StatusCodes.Status503ServiceUnavailable)).ExcludeFromDescription();
app.MapHub<KitchenHub>("/live");
app.MapOpenApi();

// Only for reading: a change of the wrong kind keeps its own answer (405, 415).
app.MapFallback("/api/{**rest}", () => TypedResults.NotFound()).WithMetadata(new HttpMethodMetadata([HttpMethods.Get, HttpMethods.Head]));
app.MapFallbackToFile("index.html");

await app.RunAsync();

/// <summary>Named so that the tests can start the server.</summary>
public partial class Program;
