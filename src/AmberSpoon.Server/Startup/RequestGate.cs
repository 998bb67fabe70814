using System.Net.Http.Headers;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Feed;

namespace AmberSpoon.Server.Startup;

/// <summary>
/// Changes are taken from this kitchen's own pages and from programs, not from a page of somebody else that the same browser
/// has open: a browser names the page a request comes from, and sends JSON across origins only after asking, which is not
/// answered here (Fetch Standard, CORS protocol).
/// </summary>
internal static class RequestGate
{
    public static void UseRequestGate(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        HttpRequest request = context.Request;
        bool isLive = request.Path.StartsWithSegments("/live", StringComparison.Ordinal);
        bool isChange = request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
            && !HttpMethods.IsGet(request.Method) && !HttpMethods.IsHead(request.Method);
        if ((isLive || isChange) && !IsOwnPage(request))
        {
            throw new ProblemException(StatusCodes.Status403Forbidden, "Another site may not change or follow this kitchen.", new Dictionary<string, string>());
        }

        return isChange && !IsJson(request) && !IsFile(request)
            ? throw new ProblemException(StatusCodes.Status415UnsupportedMediaType, "Send this as JSON, in UTF-8.", new Dictionary<string, string>())
            : next(context);
    });

    /// <summary>A program names no origin; a page names its own.</summary>
    private static bool IsOwnPage(HttpRequest request)
    {
        string origin = request.Headers.Origin.ToString();
        string site = request.Headers["Sec-Fetch-Site"].ToString();
        return site is not ("cross-site" or "same-site")
            && (origin.Length == 0
                || (Uri.TryCreate(origin, UriKind.Absolute, out Uri? page)
                    && string.Equals(page.Authority, Authority(request), StringComparison.OrdinalIgnoreCase)));
    }

    /// <summary>As a browser writes it: without the port that goes without saying.</summary>
    private static string Authority(HttpRequest request) => new Uri($"{request.Scheme}://{request.Host.ToUriComponent()}").Authority;

    /// <summary>Photos and backups come as they are; a page of somebody else may not send these kinds without asking either.</summary>
    private static bool IsFile(HttpRequest request) => MediaTypeHeaderValue.TryParse(request.ContentType, out MediaTypeHeaderValue? type)
        && (request.Path.Value!.EndsWith("/photos", StringComparison.Ordinal)
            ? type.MediaType?.ToLowerInvariant() is "image/jpeg" or "image/png" or "image/webp"
            : request.Path.Value.EndsWith("/house/restore", StringComparison.Ordinal) && string.Equals(type.MediaType, Stations.House.HouseEndpoints.Zip, StringComparison.OrdinalIgnoreCase));

    /// <summary>A request without a body need not say what it is.</summary>
    private static bool IsJson(HttpRequest request)
    {
        if (string.IsNullOrEmpty(request.ContentType))
        {
            return request.ContentLength is null or 0 && request.Headers.TransferEncoding.Count == 0;
        }

        return MediaTypeHeaderValue.TryParse(request.ContentType, out MediaTypeHeaderValue? type)
            && (string.Equals(type.MediaType, "application/json", StringComparison.OrdinalIgnoreCase)
                || (string.Equals(type.MediaType, FeedEndpoints.JsonLines, StringComparison.OrdinalIgnoreCase) && request.Path.Value!.EndsWith("/feed", StringComparison.Ordinal)))
            && (type.CharSet is null || string.Equals(type.CharSet.Trim('"'), "utf-8", StringComparison.OrdinalIgnoreCase));
    }
}
