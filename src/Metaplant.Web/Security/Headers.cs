namespace Metaplant.Web.Security;

/// <summary>Response headers: nothing from elsewhere, no inline script, never framed.</summary>
internal static class Headers
{
    public static HeaderPolicyCollection Policy { get; } = new HeaderPolicyCollection()
        .AddDefaultSecurityHeaders()
        .AddContentSecurityPolicy(csp =>
        {
            csp.AddDefaultSrc().Self();
            csp.AddScriptSrc().Self();
            // Measured positions on drawings are set as style attributes.
            csp.AddStyleSrc().Self().UnsafeInline();
            csp.AddImgSrc().Self().Data();
            csp.AddObjectSrc().None();
            csp.AddBaseUri().Self();
            csp.AddFormAction().Self();
            csp.AddFrameAncestors().None();
        });

    /// <summary>Files whose names carry their content's hash never change; everything else is asked for anew.</summary>
    public static StaticFileOptions CacheHashedFiles { get; } = new()
    {
        ContentTypeProvider = Squeeze.Types,
        OnPrepareResponse = context =>
            context.Context.Response.Headers.CacheControl = context.Context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal) ? "public, max-age=31536000, immutable" : "no-cache",
    };
}
