package venue.demo;

import java.time.Duration;
import java.util.List;

/**
 * What somebody made up said on a page of the demo.
 *
 * @param ago before how long
 * @param answers the place in the list of what it answers; -1 for nothing
 * @param waits whether nobody has let it through yet
 */
public record DemoComment(String page, Duration ago, String who, String words, int answers, boolean waits) {

    /** The form by which it was sent. */
    public static final String FORM = DemoForms.COMMENT;

    /** All of them, the oldest first. */
    public static List<DemoComment> all() {
        return List.of(
                said(
                        "article-2",
                        640,
                        "Ruta Salk",
                        "I saw it from the roof of the ward with ten-by-fifties, at four in the morning: a thumbprint of light, a little left of where you would expect nothing at all.\n\nIs there a drawing of it?"),
                answer(
                        "article-2",
                        610,
                        "Wren Abernethy",
                        "There is. Page 212 of the night book, and on https://night-books.example/212 from Friday on.",
                        0),
                said(
                        "article-1",
                        190,
                        "Gil Moss",
                        "Forty volunteers and a patient crane driver: I was number thirty-one, and my hands still know it. How long does she take to open now?"),
                answer(
                        "article-1",
                        170,
                        "Idris Fenwick-Hale",
                        "Four minutes and a half. In 1974 it was six, with somebody running alongside.",
                        2),
                said(
                        "article-1",
                        96,
                        "Yusra Demir",
                        "My daughter would like to know where the rain goes now. She has drawn you a plan."),
                new DemoComment(
                        "article-1",
                        Duration.ofHours(5),
                        "Bo Lindqvist",
                        "Will the roof be open on New Year’s Eve? We could bring soup for the crew.",
                        -1,
                        true));
    }

    private static DemoComment said(String page, long hours, String who, String words) {
        return answer(page, hours, who, words, -1);
    }

    private static DemoComment answer(String page, long hours, String who, String words, int answers) {
        return new DemoComment(page, Duration.ofHours(hours), who, words, answers, false);
    }

    /** The address that they gave. */
    public String email() {
        return who.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-") + "@moor-post.example";
    }
}
