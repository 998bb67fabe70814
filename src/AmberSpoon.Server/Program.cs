using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using AmberSpoon.Server.Clock;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Startup;
using AmberSpoon.Server.Stations.Bakes;
using AmberSpoon.Server.Stations.Choices;
using AmberSpoon.Server.Stations.Evening;
using AmberSpoon.Server.Stations.Feed;
using AmberSpoon.Server.Stations.House;
using AmberSpoon.Server.Stations.Kitchen;
using AmberSpoon.Server.Stations.Log;
using AmberSpoon.Server.Stations.Mixes;
using AmberSpoon.Server.Stations.Prep;
using AmberSpoon.Server.Stations.Recipes;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Server.Stations.Why;
using AmberSpoon.Store;
using AmberSpoon.Store.Backups;
using FluentValidation;
using Serilog;

if (await HouseCommands.Run(args) is { } exitCode)
{
    return exitCode;
}

WebApplicationBuilder builder = WebApplication.CreateBuilder(args);
KitchenSettings settings = builder.Configuration.GetSection("Kitchen").Get<KitchenSettings>() ?? new();
bool onlyDescribing = Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

builder.Host.UseSerilog((context, log) => log.ReadFrom.Configuration(context.Configuration).WriteTo.Console(
    formatProvider: System.Globalization.CultureInfo.InvariantCulture));
builder.Services.AddSingleton(settings);
builder.Services.AddSingleton<KitchenCondition>();
builder.Services.AddSingleton(_ => RehearsalClock.Of(settings));
builder.Services.AddDbContext<KitchenDb>((services, options) =>
    KitchenDb.Configure(options, services.GetRequiredService<KitchenSettings>().File));
builder.Services.AddScoped<TrayShelf>();
builder.Services.AddSingleton<KnowledgeKept>();
builder.Services.AddScoped<LogShelf>().AddScoped<Knowledge>();
builder.Services.AddScoped<BakeBook>();
builder.Services.AddScoped<CommandBook>();
builder.Services.AddScoped<BakeDesk>();
builder.Services.AddScoped<FeedDesk>();
builder.Services.AddScoped<TableDesk>();
builder.Services.AddScoped<TrayDesk>();
builder.Services.AddScoped<PrepShelf>();
builder.Services.AddScoped<MixBook>().AddScoped<PrepDesk>();
builder.Services.AddHttpContextAccessor().AddScoped<AskersClock>();
builder.Services.AddScoped<EveningShelf>().AddScoped<EveningDesk>();
builder.Services.AddScoped<RecipeDesk>();
builder.Services.AddScoped<LogDesk>();
builder.Services.AddSingleton(services => new HouseFolder(services.GetRequiredService<KitchenSettings>().Data));
builder.Services.AddSingleton<HouseChanged>();
builder.Services.AddScoped<PhotoDesk>().AddScoped<FileDesk>().AddScoped<HouseDesk>();
builder.Services.AddScoped<HouseholdShelf>().AddScoped<HouseholdDesk>();
builder.Services.AddSingleton<TrayPlanner>();
builder.Services.AddSingleton<PrepPlanner>();
builder.Services.AddSingleton<SideTimes>().AddSingleton<FasterTrayBook>();
builder.Services.AddSingleton<LiveBakes>();
builder.Services.AddSingleton<LiveViews>();
builder.Services.AddSingleton<ProbeStreams>();
builder.Services.AddSingleton<TrayAnswers>();
builder.Services.AddSingleton<Turns>();
builder.Services.AddSingleton<AnswerCheck>();
builder.Services.AddSingleton<KitchenNews>();
builder.Services.AddSingleton<IValidator<TrayPlanRequest>, TrayPlanValidator>();
builder.Services.AddSingleton<IValidator<TendingRequest>, TendingValidator>();
builder.Services.AddSingleton<IValidator<CompareRequest>, CompareValidator>();
builder.Services.AddSingleton<IValidator<RecipeRequest>, RecipeValidator>();
builder.Services.AddSingleton<IValidator<StartRequest>, StartValidator>();
builder.Services.AddSingleton<IValidator<EventsRequest>, EventsValidator>();
builder.Services.AddSingleton<IValidator<PrepRequest>, PrepValidator>();
builder.Services.AddSingleton<IValidator<MixRequest>, MixValidator>();
builder.Services.AddSingleton<IValidator<TickRequest>, TickValidator>();
builder.Services.AddSingleton<IValidator<MeasuresRequest>, MeasuresValidator>();
builder.Services.AddSingleton<IValidator<EveningRequest>, EveningValidator>();
builder.Services.AddSingleton<IValidator<HouseholdRequest>, HouseholdValidator>();
builder.Services.AddSignalR();
builder.Services.AddCompression();
builder.Services.AddOpenApi(options => options.AddSchemaTransformer<LotIdSchema>());
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
    builder.Services.AddHostedService<LogKeeper>();
    builder.Services.AddHostedService<BackupKeeper>();
}

WebApplication app = builder.Build();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UsePageHeaders();
app.UseResponseCompression();
app.UseDefaultFiles();
app.UseStaticFiles(new StaticFileOptions { OnPrepareResponse = PageFiles.SayHowLongToKeep });

app.UseRequestGate();
app.UseKitchenDoor();
app.UseRehearsal();

RouteGroupBuilder api = app.MapGroup("/api");
api.MapTray();
api.MapPrep();
api.MapEvening();
api.MapRecipes();
api.MapHousehold();
api.MapBakes();
api.MapLog();
api.MapHouse();
api.MapFeed();
api.MapWhy();
api.MapGet("/choices", () => ChoicesView.All).WithName("GetChoices").WithTags("Choices").WithSummary("Cuts and safety profiles.");

app.MapHealth();
app.MapHub<KitchenHub>("/live");
app.MapOpenApi();

// Only for reading: a change of the wrong kind keeps its own answer (405, 415). After everything else, and not by
// MapFallback(pattern, handler): what is generated for it leaves the pattern out.
app.MapMethods("/api/{**rest}", [HttpMethods.Get, HttpMethods.Head], () => TypedResults.NotFound())
    .ExcludeFromDescription().Add(endpoint => ((RouteEndpointBuilder)endpoint).Order = int.MaxValue - 1);
app.MapFallbackToFile("index.html", new StaticFileOptions { OnPrepareResponse = PageFiles.SayHowLongToKeep });

await app.RunAsync();
return 0;

/// <summary>Named so that the tests can start the server.</summary>
public partial class Program;
