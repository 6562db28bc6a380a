using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.FileProviders;
using Microsoft.Extensions.Options;
using Wrapper.Devices;
using Wrapper.Formats.Documents;
using Wrapper.Store;
using Wrapper.Web;
using Wrapper.Web.Endpoints.Jobs;
using Wrapper.Web.Endpoints.Open;
using Wrapper.Web.Hosting;
using Wrapper.Web.Planning;
using Wrapper.Web.Stored;

if (CommandLine.Run(args) is { } answered)
{
    return answered;
}

var builder = WebApplication.CreateBuilder(args);
builder.Logging.SetMinimumLevel(LogLevel.Warning);
builder.WebHost.ConfigureKestrel(server => server.Limits.MaxRequestBodySize = 16 * 1024 * 1024);
builder.Services.Configure<JsonOptions>(options =>
{
    OpenFormat.Configure(options.SerializerOptions);
    options.SerializerOptions.TypeInfoResolver = (
        options.SerializerOptions.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()
    ).WithAddedModifier(RequiredMembers.Ask);
});
builder.Services.Configure<ApplicationOptions>(builder.Configuration);
builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
builder.Services.AddProblemDetails(problems => problems.CustomizeProblemDetails = ErrorResponses.Explain);
builder.Services.AddResponseCompression(options => options.EnableForHttps = true);
builder.Services.AddOutputCache(options =>
{
    options.SizeLimit = ResponseCachePolicy.MostBytes;
    options.MaximumBodySize = ResponseSizeLimit.MostBytes;
    options.DefaultExpirationTimeSpan = TimeSpan.FromHours(12);
});
builder.Services.AddOpenApi("v1", OpenApiShape.Describe);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton(services => new Database(services.GetRequiredService<IOptions<ApplicationOptions>>().Value.DatabaseFile()));
builder.Services.AddHostedService<DailyBackups>();
builder.Services.AddSingleton<IdleMemory>();
builder.Services.AddHostedService(services => services.GetRequiredService<IdleMemory>());
builder.Services.AddSingleton<JobStore>();
builder.Services.AddSingleton<FigureStore>();
builder.Services.AddSingleton<PhotoStore>();
builder.Services.AddSingleton<WorkStore>();
builder.Services.AddSingleton<SheetStore>();
builder.Services.AddSingleton<JobChanges>();
builder.Services.AddSingleton<SheetTokenLimiter>();
builder.Services.AddSingleton<JobImport>();
builder.Services.AddSingleton<RightOfWay>();
builder.Services.AddSingleton<Planners>(services =>
    new(
        Environment.ProcessorCount,
        services.GetRequiredService<RightOfWay>(),
        services.GetRequiredService<IHostApplicationLifetime>().ApplicationStopping
    )
);
builder.Services.AddSingleton<TapeFeed>();
builder.Services.AddSingleton<FootSwitchFeed>();
builder.Services.AddSingleton(_ => new SimulatedTape(Environment.TickCount));
var sheets = SheetAddress.Read(builder.Configuration["listen"]);
builder.Services.AddSingleton(sheets);
if (sheets.Endpoint is { } phones)
{
    builder.WebHost.UseUrls([.. (builder.Configuration["urls"] ?? "http://127.0.0.1:5180").Split(';'), $"http://{phones}"]);
}

var app = builder.Build();
if (StoreCommands.Run(app) is { } ended)
{
    return ended;
}

var idle = app.Services.GetRequiredService<IdleMemory>();
app.Use(
    async (context, next) =>
    {
        idle.Stir();
        await next(context);
        idle.Stir();
    }
);
app.UseMiddleware<SecurityHeaders>();
app.UseExceptionHandler(ErrorResponses.Handling);
app.UseStatusCodePages();
app.UseResponseCompression();
app.UseMiddleware<ResponseSizeLimit>();
app.UseMiddleware<HostFilter>();
app.Use(ErrorResponses.OnlyKnownLetters);
app.UseMiddleware<SameOriginWrites>();
app.Use(
    async (context, next) =>
    {
        // A phone that was let in for one sheet is served that sheet and nothing else.
        if (sheets.Allows(context))
        {
            await next(context);
        }
        else
        {
            await TypedResults
                .Problem("Only measuring sheets are served at this address.", statusCode: StatusCodes.Status404NotFound)
                .ExecuteAsync(context);
        }
    }
);

app.UseMiddleware<RequestValidation>(); // before a place to write is taken: a body that comes slowly keeps nobody waiting
app.UseMiddleware<StoreWriteLimiter>();
app.UseMiddleware<ForegroundRequests>();
app.UseOutputCache(); // after a question was measured, so that what is kept was within the ceilings
app.MapOpenApi("/api/openapi.json");
app.MapCatalogue();
app.MapDrafting();
app.MapSewing();
app.MapJudgement();
app.MapLays();
app.MapYardage();
app.MapMakeUps();
app.MapOutlines();
app.MapPractice();
app.MapJobs();
app.MapClothsOfJob();
app.MapJobList();
app.MapBroken();
app.MapCovers();
app.MapPhotos();
app.MapWork();
app.MapSewingCards();
app.MapTryingOn();
app.MapCutting();
app.MapFaces();
app.MapSheets();
app.MapLive();
app.MapHouse();
app.MapFiles();
app.MapCopy();
app.MapJobFiles();

var options = app.Services.GetRequiredService<IOptions<ApplicationOptions>>().Value;
if (options.Web is { } web && Directory.Exists(web))
{
    var files = new PhysicalFileProvider(Path.GetFullPath(web));
    app.UseMiddleware<SpaFallback>(files);
    app.UseMiddleware<CompressedFiles>(files);
    app.UseStaticFiles(
        new StaticFileOptions
        {
            FileProvider = files,
            ContentTypeProvider = CompressedFiles.Types,
            OnPrepareResponse = StaticCaching.Apply,
        }
    );
}

if (options.Demo is { } demo)
{
    DemoJobs.Load(app.Services.GetRequiredService<JobStore>(), app.Services.GetRequiredService<JobImport>(), demo);
    app.Services.GetRequiredService<Database>().Rest();
}

app.Lifetime.ApplicationStopped.Register(app.Services.GetRequiredService<Database>().Rest);
app.Run();
return 0;

/// <summary>The application's entry, named for tests.</summary>
public partial class Program;
