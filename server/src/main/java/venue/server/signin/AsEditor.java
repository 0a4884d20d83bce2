package venue.server.signin;

import java.security.Principal;

/** Somebody who sees and does only what an editor may, whatever their account allows. */
record AsEditor(Principal somebody) implements Principal {

    @Override
    public String getName() {
        return somebody.getName();
    }
}
