using System.Globalization;

namespace AmberSpoon.Server.Commands;

internal static class VersionTags
{
    /// <summary>Gives every versioned answer its ETag (RFC 9110, 8.8.3): a change names it in If-Match.</summary>
    public static RouteGroupBuilder WithVersionTags(this RouteGroupBuilder group)
    {
        group.AddEndpointFilter(async (context, next) =>
        {
            object? answer = await next(context);
            if (answer is IVersioned versioned)
            {
                context.HttpContext.Response.Headers.ETag = string.Create(CultureInfo.InvariantCulture, $"\"{versioned.Version}\"");
            }

            return answer;
        });
        return group;
    }
}
