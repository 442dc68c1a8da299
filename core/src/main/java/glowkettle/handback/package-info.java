/** What a shop learns of what it handed back. Start at {@link glowkettle.handback.Lot}. */
@org.jspecify.annotations.NullMarked
package glowkettle.handback;
