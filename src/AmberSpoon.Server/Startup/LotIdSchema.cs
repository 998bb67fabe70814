using AmberSpoon.Core.Kitchens;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace AmberSpoon.Server.Startup;

/// <summary>Describes a lot's number as what it is on the wire: an integer.</summary>
internal sealed class LotIdSchema : IOpenApiSchemaTransformer
{
    public Task TransformAsync(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancellationToken)
    {
        if (context.JsonTypeInfo.Type == typeof(LotId))
        {
            schema.Type = JsonSchemaType.Integer;
            schema.Format = "int32";
        }

        return Task.CompletedTask;
    }
}
