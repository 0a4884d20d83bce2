package venue.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class DiskFilesTest {

    @TempDir
    Path folder;

    private final DiskFiles diskFiles = new DiskFiles();
    private Path film;

    @BeforeEach
    void film() throws Exception {
        diskFiles.afterPropertiesSet();
        film = Files.writeString(folder.resolve("0123456789abcdef0123.mp4"), "0123456789");
    }

    private MockHttpServletResponse ask(String method, String... headers) throws Exception {
        MockHttpServletRequest asked = new MockHttpServletRequest(method, "/-/media/x.mp4");
        for (int i = 0; i < headers.length; i += 2) {
            asked.addHeader(headers[i], headers[i + 1]);
        }
        MockHttpServletResponse answer = new MockHttpServletResponse();
        diskFiles.send(asked, answer, Reply.file("video/mp4", film));
        return answer;
    }

    @ParameterizedTest
    @CsvSource({
        "bytes=0-3, 206, 0123, bytes 0-3/10",
        "bytes=4-, 206, 456789, bytes 4-9/10",
        "bytes=-3, 206, 789, bytes 7-9/10",
        "bytes=-30, 206, 0123456789, bytes 0-9/10",
        "bytes=8-30, 206, 89, bytes 8-9/10",
        "bytes=9-9, 206, 9, bytes 9-9/10",
        "bytes=10-, 416, '', bytes */10",
        "bytes=-0, 416, '', bytes */10",
        "lines=0-1, 200, 0123456789, ",
        "nonsense, 200, 0123456789, "
    })
    void aPartIsSentAsTheStandardSays(String range, int status, String body, @Nullable String told) throws Exception {
        MockHttpServletResponse answer = ask("GET", "Range", range);
        assertThat(answer.getStatus()).isEqualTo(status);
        assertThat(answer.getContentAsString(StandardCharsets.US_ASCII)).isEqualTo(body);
        assertThat(answer.getHeader("Content-Range")).isEqualTo(told);
        assertThat(answer.getHeader("Accept-Ranges")).isEqualTo("bytes");
    }

    @Test
    void aPartOfAnotherVersionIsAnsweredWithTheWhole() throws Exception {
        String etag = String.valueOf(ask("GET").getHeader("ETag"));
        assertThat(ask("GET", "Range", "bytes=0-1", "If-Range", etag).getStatus())
                .isEqualTo(206);
        assertThat(ask("GET", "Range", "bytes=0-1", "If-Range", "\"old\"").getStatus())
                .isEqualTo(200);
        assertThat(ask("GET", "If-None-Match", etag).getStatus()).isEqualTo(304);
    }

    @Test
    void aHeadHasTheHeadersAlone() throws Exception {
        MockHttpServletResponse head = ask("HEAD", "Range", "bytes=0-3");
        assertThat(head.getStatus()).as("parts are of a GET").isEqualTo(200);
        assertThat(head.getHeader("Content-Range")).isNull();
        assertThat(head.getHeader("Content-Security-Policy")).contains("default-src 'none'");
        assertThat(head.getContentLength()).isEqualTo(10);
        assertThat(head.getContentType()).startsWith("video/mp4");
    }
}
