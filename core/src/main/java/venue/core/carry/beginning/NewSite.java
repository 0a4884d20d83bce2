package venue.core.carry.beginning;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.IllformedLocaleException;
import java.util.Locale;
import java.util.regex.Pattern;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;

/**
 * What is asked for of a site that is to be made, held to what can be.
 *
 * @param name what it is called, on one line
 * @param host the host name under which visitors get it, in lower case, without a port (RFC 1123, 2.1)
 * @param language its language as a BCP 47 tag
 * @param zone its time zone
 */
public record NewSite(String name, String host, String language, ZoneId zone) {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_HOST = 253;
    private static final Pattern HOST =
            Pattern.compile("[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?(\\.[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?)*");

    /** The site asked for, or a refusal that names the field. */
    public static NewSite of(String name, String host, String language, String zone) {
        return new NewSite(checkName(name), checkHost(host), checkLanguage(language), checkZone(zone));
    }

    public static String checkName(String typed) {
        String name = Letters.line(typed);
        int length = name.codePointCount(0, name.length());
        if (Letters.isUnseen(name) || length > LONGEST_NAME) {
            throw Refusal.badInput(
                    "bad-site-name",
                    "siteName",
                    Letters.isUnseen(name) ? "The site has no name." : "The site's name has " + length + " characters.",
                    "Give it one of 1 to " + LONGEST_NAME + " characters.");
        }
        return name;
    }

    /** A host name as it is kept, or a refusal. */
    public static String checkHost(String typed) {
        String host = typed.strip().toLowerCase(Locale.ROOT);
        if (host.length() > LONGEST_HOST || !HOST.matcher(host).matches() || host.matches("[0-9.]+")) {
            throw Refusal.badInput(
                    "bad-host",
                    "siteHost",
                    host.isEmpty() ? "The host name is missing." : "“" + shown(host) + "” is no host name.",
                    "Write a name such as www.loomgate-yard.example: letters, digits, hyphens and dots, without https:// and without a port.");
        }
        return host;
    }

    public static String checkLanguage(String typed) {
        String tag = tag(typed);
        if (tag.equals("und")) {
            throw Refusal.badInput(
                    "bad-language",
                    "language",
                    "“" + shown(typed) + "” is no language.",
                    "Give a tag such as en, en-GB or de (BCP 47).");
        }
        return tag;
    }

    /** The language tag as it is written; that of no language, where it is none. */
    private static String tag(String typed) {
        try {
            return new Locale.Builder().setLanguageTag(typed.strip()).build().toLanguageTag();
        } catch (IllformedLocaleException e) {
            return Locale.ROOT.toLanguageTag();
        }
    }

    public static ZoneId checkZone(String typed) {
        try {
            return ZoneId.of(typed.strip());
        } catch (DateTimeException e) {
            throw Refusal.badInput(
                    "bad-time-zone",
                    "timeZone",
                    "“" + shown(typed) + "” is no time zone.",
                    "Give a name such as Europe/London (IANA).");
        }
    }

    private static String shown(String typed) {
        int most = 60;
        return typed.length() <= most ? typed : typed.substring(0, most) + "…";
    }
}
