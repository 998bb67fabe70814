using System.IO.Compression;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.AspNetCore.StaticFiles;

namespace AmberSpoon.Server.Startup;

/// <summary>How pages and answers travel: compressed, and fetched once where their name says what is in them.</summary>
internal static class PageFiles
{
    /// <summary>Files whose name holds a hash of what is in them.</summary>
    private static readonly PathString Hashed = "/assets";

    /// <summary>Nothing secret is mixed with what a stranger sends, so compressing over TLS gives nothing away.</summary>
    public static IServiceCollection AddCompression(this IServiceCollection services) => services
        .AddResponseCompression(options =>
        {
            options.EnableForHttps = true;
            options.Providers.Add<BrotliCompressionProvider>();
            options.Providers.Add<GzipCompressionProvider>();
            options.MimeTypes = [.. ResponseCompressionDefaults.MimeTypes, "application/problem+json", "application/ld+json", "image/svg+xml"];
        })
        .Configure<BrotliCompressionProviderOptions>(options => options.Level = CompressionLevel.Fastest)
        .Configure<GzipCompressionProviderOptions>(options => options.Level = CompressionLevel.Fastest);

    public static void SayHowLongToKeep(StaticFileResponseContext file) => file.Context.Response.Headers.CacheControl =
        file.Context.Request.Path.StartsWithSegments(Hashed) ? "public, max-age=31536000, immutable" : "no-cache";
}
