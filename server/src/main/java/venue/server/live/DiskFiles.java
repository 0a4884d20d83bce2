package venue.server.live;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.resource.ResourceHttpRequestHandler;

/** Sends what is too large for memory from the disk, whole or the parts that are asked for (RFC 9110, 13 and 14), as Spring sends files. */
@Component
final class DiskFiles extends ResourceHttpRequestHandler {

    private static final String FILE = DiskFiles.class.getName();
    private static final String TYPE = FILE + ".type";

    DiskFiles() {
        setEtagGenerator(file -> "\"" + file.getFilename() + "\"");
    }

    void send(HttpServletRequest asked, HttpServletResponse answer, Reply reply) throws IOException, ServletException {
        Path zipped = Replies.takesGzip(asked.getHeader("Accept-Encoding"))
                ? Objects.requireNonNull(reply.sent().lies()).zipped()
                : null;
        Path file = zipped == null ? Objects.requireNonNull(reply.sent().file()) : zipped;
        if (Files.notExists(file)) {
            answer.setStatus(HttpServletResponse.SC_NOT_FOUND);
            return;
        }
        asked.setAttribute(FILE, new FileSystemResource(file));
        asked.setAttribute(TYPE, MediaType.parseMediaType(reply.type()));
        Replies.headers(answer, reply, "");
        if (zipped != null) {
            answer.setHeader("Content-Encoding", "gzip");
        }
        handleRequest(wantsPart(asked, file) ? asked : new Whole(asked), answer);
    }

    @Override
    protected @Nullable Resource getResource(HttpServletRequest asked) {
        return (Resource) asked.getAttribute(FILE);
    }

    /** As the answer says it, whatever the file is called. */
    @Override
    protected @Nullable MediaType getMediaType(HttpServletRequest asked, Resource file) {
        return (MediaType) asked.getAttribute(TYPE);
    }

    /** A part is of a GET and in bytes; one of another version of the file would be of no use. */
    private static boolean wantsPart(HttpServletRequest asked, Path file) {
        String range = asked.getHeader("Range");
        String only = asked.getHeader("If-Range");
        return asked.getMethod().equals("GET")
                && range != null
                && range.startsWith("bytes=")
                && (only == null || only.equals("\"" + file.getFileName() + "\""));
    }

    private static final class Whole extends HttpServletRequestWrapper {
        Whole(HttpServletRequest asked) {
            super(asked);
        }

        @Override
        public @Nullable String getHeader(String name) {
            return name.equalsIgnoreCase("Range") ? null : super.getHeader(name);
        }
    }
}
