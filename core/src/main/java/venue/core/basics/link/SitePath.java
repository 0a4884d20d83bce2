package venue.core.basics.link;

import java.text.Normalizer;

/** Paths of a site, in the form in which they are served. */
public final class SitePath {

    private SitePath() {}

    /**
     * One slash between parts and none at the end (a browser takes a backslash for one), and letters composed (Unicode NFC).
     *
     * @param path decoded
     */
    public static String right(String path) {
        String single = Normalizer.normalize(path, Normalizer.Form.NFC).replaceAll("[/\\\\]+", "/");
        return single.length() > 1 && single.endsWith("/") ? single.substring(0, single.length() - 1) : single;
    }
}
