package venue.store.proof;

import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

/** The proofs sent to people without an account: each link opens one page for a while, and can be withdrawn. */
public final class SentProofs {

    private static final int TOKEN_BYTES = 18;

    private static final String INSERT = """
            insert into sent_proof (token_hash, site, page, made_by, made_at, until)
            values (:hash, :site, :page, :who, :at, :until)
            """;
    private static final String OF_PAGE = """
            select token_hash as id, page, made_by as who, made_at as at, until from sent_proof
            where site = :site and page = :page and until > :now order by made_at desc
            """;
    private static final String FIND = """
            select token_hash as id, page, made_by as who, made_at as at, until from sent_proof
            where token_hash = :hash and site = :site and until > :now
            """;
    private static final String REMOVE =
            "delete from sent_proof where token_hash = :id and site = :site and page = :page";

    /** A link that is good; its id does not open it. {@code at} and {@code until} are ISO 8601. */
    public record Sent(String id, String page, PersonId who, String at, String until) {}

    private final Database database;
    private final InstantSource clock;
    private final SecureRandom chance = new SecureRandom();

    public SentProofs(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Makes a link and gives its token, which is told this once. */
    public String make(SiteId site, String page, PersonId who, Duration goodFor) {
        String token = token();
        Instant now = clock.instant();
        database.write(() -> database.sql()
                .sql(INSERT)
                .param("hash", hash(token))
                .param("site", site)
                .param("page", page)
                .param("who", who)
                .param("at", now.toString())
                .param("until", now.plus(goodFor).toString())
                .update());
        return token;
    }

    private String token() {
        byte[] bytes = new byte[TOKEN_BYTES];
        chance.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** The links to a page that are still good, the latest first. */
    public List<Sent> of(SiteId site, String page) {
        return database.sql()
                .sql(OF_PAGE)
                .param("site", site)
                .param("page", page)
                .param("now", clock.instant().toString())
                .query(Sent.class)
                .list();
    }

    /** The page that a token opens, while it is good. */
    public Optional<String> open(SiteId site, String token) {
        return database.sql()
                .sql(FIND)
                .param("hash", hash(token))
                .param("site", site)
                .param("now", clock.instant().toString())
                .query(Sent.class)
                .optional()
                .map(Sent::page);
    }

    /** Withdraws a link; says whether there was one. */
    public boolean withdraw(SiteId site, String page, String id) {
        return database.write(() -> database.sql()
                        .sql(REMOVE)
                        .param("id", id)
                        .param("site", site)
                        .param("page", page)
                        .update())
                > 0;
    }

    private static Hash hash(String token) {
        return Hash.over(token);
    }
}
