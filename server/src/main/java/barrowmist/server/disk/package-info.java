/** Room on the disk: what happens when there is none, and how it ends. */
package barrowmist.server.disk;
