package venue.store.account;

/** Somebody who signs in. */
public record Account(String id, String email, String name, String password, Role role) {

    /** What an account may do. */
    public enum Role {
        /** May change anything. */
        MANAGER,
        /** Writes pages within the rules that managers set. */
        EDITOR
    }
}
