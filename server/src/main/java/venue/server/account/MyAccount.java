package venue.server.account;

import java.util.List;

/**
 * One's own account.
 *
 * @param secondStep whether a code is asked for at sign-in
 * @param codesLeft recovery codes not used yet
 * @param secondStepAsked whether owners ask a second step of everybody
 * @param mail whether letters can be sent, so that the address can be changed
 */
record MyAccount(
        String email,
        String name,
        boolean secondStep,
        int codesLeft,
        boolean secondStepAsked,
        boolean mail,
        List<MySession> sessions) {

    /**
     * A session.
     *
     * @param device in words
     * @param begun when, ISO 8601
     * @param lastUsed when, to a minute
     * @param mine whether it is the one that asks
     */
    record MySession(String device, String begun, String lastUsed, boolean mine) {}
}
