namespace Wrapper.Web.Hosting;

/// <summary>
/// Keeps an answer in JSON back until it is whole: one that would be larger than any page could use is not sent, and who asked
/// is told to ask for less. Photographs, files and streams of events go out as they come.
/// </summary>
internal sealed class ResponseSizeLimit(RequestDelegate next)
{
    /// <summary>The most bytes of an answer, before it is packed.</summary>
    public const int MostBytes = 2 * 1024 * 1024;

    /// <summary>Sends what is small enough.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        var sent = context.Response.Body;
        await using var kept = new KeptBack(sent, context.Response);
        context.Response.Body = kept;
        try
        {
            await next(context);
        }
        finally
        {
            context.Response.Body = sent;
        }

        if (kept.IsTooLarge)
        {
            context.Response.Clear();
            await TypedResults
                .Problem(
                    "This answer would be larger than 2 MB: ask for less at once.",
                    statusCode: StatusCodes.Status422UnprocessableEntity
                )
                .ExecuteAsync(context);
        }
        else
        {
            await kept.Send(context.RequestAborted);
        }
    }

    /// <summary>Holds JSON back and lets everything else through.</summary>
    private sealed class KeptBack(Stream sent, HttpResponse response) : Stream
    {
        private readonly MemoryStream _held = new();
        private bool? _isHeld;

        public bool IsTooLarge { get; private set; }

        public override bool CanRead => false;

        public override bool CanSeek => false;

        public override bool CanWrite => true;

        public override long Length => throw new NotSupportedException();

        public override long Position
        {
            get => throw new NotSupportedException();
            set => throw new NotSupportedException();
        }

        private bool IsHeld =>
            _isHeld ??=
                response.Headers.ContentDisposition.Count == 0
                && (
                    response.ContentType?.StartsWith("application/json", StringComparison.Ordinal) == true
                    || response.ContentType?.StartsWith("application/problem+json", StringComparison.Ordinal) == true
                );

        public async Task Send(CancellationToken left)
        {
            if (_held.Length > 0)
            {
                await sent.WriteAsync(_held.GetBuffer().AsMemory(0, (int)_held.Length), left);
            }
        }

        public override async ValueTask WriteAsync(ReadOnlyMemory<byte> buffer, CancellationToken cancellationToken = default)
        {
            if (!IsHeld)
            {
                await sent.WriteAsync(buffer, cancellationToken);
            }
            else
            {
                Hold(buffer.Span);
            }
        }

        public override Task WriteAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken) =>
            WriteAsync(buffer.AsMemory(offset, count), cancellationToken).AsTask();

        public override void Write(byte[] buffer, int offset, int count)
        {
            if (!IsHeld)
            {
                sent.Write(buffer, offset, count);
            }
            else
            {
                Hold(buffer.AsSpan(offset, count));
            }
        }

        public override void Flush()
        {
            if (!IsHeld)
            {
                sent.Flush();
            }
        }

        public override Task FlushAsync(CancellationToken cancellationToken) =>
            IsHeld ? Task.CompletedTask : sent.FlushAsync(cancellationToken);

        public override int Read(byte[] buffer, int offset, int count) => throw new NotSupportedException();

        public override long Seek(long offset, SeekOrigin origin) => throw new NotSupportedException();

        public override void SetLength(long value) => throw new NotSupportedException();

        private void Hold(ReadOnlySpan<byte> written)
        {
            if (IsTooLarge || _held.Length + written.Length > MostBytes)
            {
                IsTooLarge = true; // what was held is of no use any more
                _held.SetLength(0);
            }
            else
            {
                _held.Write(written);
            }
        }
    }
}
