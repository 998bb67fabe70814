namespace AmberSpoon.Server.Startup;

internal static class PageHeaders
{
    /// <summary>Pages load nothing from elsewhere, and say so to the browser.</summary>
    public static void UsePageHeaders(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        IHeaderDictionary headers = context.Response.Headers;
        headers.ContentSecurityPolicy = "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'";
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        return next(context);
    });
}
