package venue.store.link;

import java.security.SecureRandom;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.store.database.Database;

/**
 * Codes and links, each good once and for a while. Of a token its SHA-256 alone is kept, by which it is found: how long that
 * takes tells nothing about the token.
 */
public final class Links {

    private static final int TOKEN_BYTES = 24;
    /** Letters and digits that nobody takes for one another when they are read aloud or typed off a screen. */
    private static final String CLEAR = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final int GROUPS = 3;
    private static final int GROUP = 4;

    private static final String INSERT = """
            insert into link (hash, purpose, person, detail, made_at, until)
            values (:hash, :purpose, :person, :detail, :at, :until)
            """;
    private static final String FIND = """
            select purpose, person, detail, until from link
            where hash = :hash and purpose = :purpose and used_at is null and until > :now
            """;
    private static final String OPEN = """
            select purpose, person, detail, until from link
            where purpose = :purpose and used_at is null and until > :now
            """;
    private static final String USE = """
            update link set used_at = :now where hash = :hash and purpose = :purpose and used_at is null and until > :now
            """;

    private final Database database;
    private final InstantSource clock;
    private final SecureRandom chance = new SecureRandom();

    public Links(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Makes a link and gives its token, which is told this once; those made before for the same end with it. */
    public String make(PersonalLink.Purpose purpose, @Nullable PersonId person, @Nullable String detail) {
        byte[] bytes = new byte[TOKEN_BYTES];
        chance.nextBytes(bytes);
        return keep(Base64.getUrlEncoder().withoutPadding().encodeToString(bytes), purpose, person, detail);
    }

    /** The same as a short code that is typed: sixty bits, capitals and dashes don't matter. */
    public String makeCode(PersonalLink.Purpose purpose) {
        String code = chance.ints((long) GROUPS * GROUP, 0, CLEAR.length())
                .mapToObj(i -> String.valueOf(CLEAR.charAt(i)))
                .collect(Collectors.joining());
        keep(code, purpose, null, null);
        return code.replaceAll("(.{" + GROUP + "})(?=.)", "$1-");
    }

    /** A code as it is kept, however it was typed. */
    public static String plain(String typed) {
        return typed.toLowerCase(Locale.ROOT).replaceAll("[\\s-]", "");
    }

    private String keep(
            String token, PersonalLink.Purpose purpose, @Nullable PersonId person, @Nullable String detail) {
        Instant now = clock.instant();
        return database.write(() -> {
            end(purpose, person);
            database.sql()
                    .sql(INSERT)
                    .param("hash", hash(token))
                    .param("purpose", purpose.name())
                    .param("person", person)
                    .param("detail", detail)
                    .param("at", now.toString())
                    .param("until", now.plus(purpose.goodFor()).toString())
                    .update();
            return token;
        });
    }

    /** What a token opens, while it is good. */
    public Optional<PersonalLink> find(PersonalLink.Purpose purpose, String token) {
        return database.sql()
                .sql(FIND)
                .param("hash", hash(token))
                .param("purpose", purpose.name())
                .param("now", clock.instant().toString())
                .query(PersonalLink.class)
                .optional();
    }

    /** Uses a token up: of two who do it at once, one gets it. */
    public Optional<PersonalLink> use(PersonalLink.Purpose purpose, String token) {
        return database.write(() -> {
            Optional<PersonalLink> link = find(purpose, token);
            int used = database.sql()
                    .sql(USE)
                    .param("hash", hash(token))
                    .param("purpose", purpose.name())
                    .param("now", clock.instant().toString())
                    .update();
            return used == 1 ? link : Optional.<PersonalLink>empty();
        });
    }

    /** Those of a purpose that are still good. */
    public List<PersonalLink> open(PersonalLink.Purpose purpose) {
        return database.sql()
                .sql(OPEN)
                .param("purpose", purpose.name())
                .param("now", clock.instant().toString())
                .query(PersonalLink.class)
                .list();
    }

    /** Ends a person's links of a purpose. */
    public void end(PersonalLink.Purpose purpose, @Nullable PersonId person) {
        database.sql()
                .sql("delete from link where purpose = :purpose and person is :person and used_at is null")
                .param("purpose", purpose.name())
                .param("person", person)
                .update();
    }

    private static Hash hash(String token) {
        return Hash.over(token);
    }
}
