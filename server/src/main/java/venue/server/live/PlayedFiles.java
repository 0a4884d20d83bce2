package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Sends films and sounds from the disk, whole or the part that a player asks for (RFC 9110, 14: one range of bytes of a GET;
 * several at once are answered with the whole, as the standard allows).
 */
final class PlayedFiles {

    private static final Pattern RANGE = Pattern.compile("bytes=(\\d{0,18})-(\\d{0,18})");
    private static final int PIECE = 64 * 1024;

    private PlayedFiles() {}

    static void send(HttpServletRequest asked, HttpServletResponse answer, Path file) throws IOException {
        long size = Files.size(file);
        String etag = "\"" + file.getFileName() + "\"";
        answer.setHeader("Accept-Ranges", "bytes");
        answer.setHeader("ETag", etag);
        answer.setHeader("Cache-Control", Reply.FOR_EVER);
        Replies.safe(answer, Reply.PAGE_POLICY);
        if (Replies.matches(asked.getHeader("If-None-Match"), etag)) {
            answer.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
            return;
        }
        answer.setContentType(FileTypes.of(file.getFileName().toString()));
        boolean whole = asked.getMethod().equals("HEAD") || !sameFile(asked, etag);
        String wanted = whole ? null : asked.getHeader("Range");
        Matcher range = RANGE.matcher(wanted == null ? "" : wanted);
        PlayedPart part = new PlayedPart(0, size - 1);
        if (range.matches()) {
            PlayedPart found = part(range.group(1), range.group(2), size);
            if (found == null) {
                answer.setStatus(HttpServletResponse.SC_REQUESTED_RANGE_NOT_SATISFIABLE);
                answer.setHeader("Content-Range", "bytes */" + size);
                return;
            }
            part = found;
            answer.setStatus(HttpServletResponse.SC_PARTIAL_CONTENT);
            answer.setHeader("Content-Range", "bytes " + part.first() + "-" + part.last() + "/" + size);
        }
        answer.setContentLengthLong(part.last() - part.first() + 1);
        if (!asked.getMethod().equals("HEAD")) {
            copy(file, part, answer);
        }
    }

    /** A part of another version of the file would be of no use: then the whole is sent. */
    private static boolean sameFile(HttpServletRequest asked, String etag) {
        String only = asked.getHeader("If-Range");
        return only == null || only.equals(etag);
    }

    /** The part meant; absent when the file has no such part. */
    static @Nullable PlayedPart part(String from, String to, long size) {
        if (from.isEmpty()) {
            long last = to.isEmpty() ? 0 : Long.parseLong(to);
            return last == 0 || size == 0 ? null : new PlayedPart(Math.max(0, size - last), size - 1);
        }
        long first = Long.parseLong(from);
        long last = to.isEmpty() ? size - 1 : Math.min(size - 1, Long.parseLong(to));
        return first > last ? null : new PlayedPart(first, last);
    }

    private static void copy(Path file, PlayedPart part, HttpServletResponse answer) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            in.skipNBytes(part.first());
            byte[] piece = new byte[PIECE];
            long left = part.last() - part.first() + 1;
            while (left > 0) {
                int read = in.read(piece, 0, (int) Math.min(PIECE, left));
                if (read < 0) {
                    return;
                }
                answer.getOutputStream().write(piece, 0, read);
                left -= read;
            }
        }
    }
}
