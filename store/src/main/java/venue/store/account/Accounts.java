package venue.store.account;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The accounts of one data folder, known by their e-mail address. */
public final class Accounts {

    private static final String PUT = """
            insert into account (id, email, name, password, role) values (:id, :email, :name, :password, :role)
            on conflict (id) do update set
              email = excluded.email, name = excluded.name, password = excluded.password, role = excluded.role
            """;
    private static final String BY_EMAIL = "select id, email, name, password, role from account where email = :email";
    private static final String BY_ID = "select id, email, name, password, role from account where id = :id";
    private static final String ALL = "select id, email, name, password, role from account order by name";

    private final JdbcClient sql;

    public Accounts(JdbcClient sql) {
        this.sql = sql;
    }

    /** Keeps an account; its password must have been hashed. */
    public void put(Account account) {
        sql.sql(PUT)
                .param("id", account.id())
                .param("email", normal(account.email()))
                .param("name", account.name())
                .param("password", account.password())
                .param("role", account.role().name())
                .update();
    }

    public Optional<Account> byEmail(String email) {
        return sql.sql(BY_EMAIL)
                .param("email", normal(email))
                .query(Account.class)
                .optional();
    }

    public Optional<Account> find(String id) {
        return sql.sql(BY_ID).param("id", id).query(Account.class).optional();
    }

    public List<Account> all() {
        return sql.sql(ALL).query(Account.class).list();
    }

    private static String normal(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }
}
