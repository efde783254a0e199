/** Teachers and how they sign in. Imports shared. */
package gurukram.web.account;
