// Made by `npm run docs` from what the routes declare. Not to be edited.
export interface paths {
	readonly "/api/overlays/{secret}/page": {
		/** What an overlay shows right now */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly secret: string;
				};
			};
			readonly responses: {
				/** @description Its pieces and what is in them. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly name: string;
							readonly width: number;
							readonly height: number;
							readonly pieces: readonly components["schemas"]["Piece"][];
							readonly seq: number;
							readonly shown: {
								readonly [key: string]: {
									readonly lines?: readonly {
										readonly name: string;
										readonly value: string;
									}[];
									readonly figure?: number;
									readonly text?: string;
									readonly said?: readonly {
										readonly at: number;
										readonly name: string;
										readonly text: string;
										readonly bot: boolean;
									}[];
									readonly round?: {
										/** @enum {string} */
										readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
										/** @enum {string} */
										readonly status: "settled" | "opened" | "gathering" | "running" | "off";
										readonly openedAt: number;
										readonly commitment: string;
										/** @enum {string} */
										readonly seedOrigin: "own" | "channel";
										readonly nextAt: number | null;
										readonly seats: number;
										readonly staked: number;
										readonly paid: number;
										readonly state: {
											/** @constant */
											readonly of: "heist";
											readonly site: components["schemas"]["HeistSite"] | null;
											readonly step: number;
											readonly drawn: number;
											readonly inside: number;
										} | {
											/** @constant */
											readonly of: "duel";
											readonly challenger: {
												readonly id: number;
												readonly name: string;
											};
											readonly challenged: {
												readonly id: number;
												readonly name: string;
											} | null;
											readonly stake: number;
											readonly rakeBp: number;
											readonly winner: number | null;
										} | {
											/** @constant */
											readonly of: "roulette";
											readonly pays: readonly number[];
											readonly number: number | null;
										} | {
											/** @constant */
											readonly of: "reels";
											readonly machine: {
												readonly strip: readonly {
													readonly symbol: string;
													readonly weight: number;
												}[];
												readonly table: readonly {
													/** @enum {string} */
													readonly match: "three" | "two";
													readonly symbol: string;
													readonly multiplier: number;
												}[];
											};
											readonly shown: readonly string[];
										} | {
											/** @constant */
											readonly of: "coin";
											readonly multiplier: number;
											/** @enum {string} */
											readonly called: "heads" | "tails";
											/** @enum {string} */
											readonly side: "heads" | "tails";
										} | {
											/** @constant */
											readonly of: "cup";
											readonly rules: {
												readonly name: string;
												readonly places: number;
												readonly kept: {
													readonly places: number;
													readonly who: components["schemas"]["Who"];
													readonly before: boolean;
												};
												readonly stake: number;
												readonly prize: number;
												readonly second: number;
												readonly bestOf: 1 | 3;
												readonly signUpSeconds: number;
												readonly matchSeconds: number;
											};
											readonly entrants: readonly {
												readonly id: number;
												readonly name: string;
												readonly seat: number;
												readonly kept: boolean;
											}[];
											readonly drawnFrom: readonly number[];
											readonly order: readonly number[];
											readonly matches: readonly {
												readonly id: number;
												readonly level: number;
												readonly a: number | null;
												readonly b: number | null;
												readonly ready: readonly number[];
												readonly games: readonly number[];
												readonly winner: number | null;
												readonly how: ("played" | "walkover" | "bye" | "lot") | null;
											}[];
											readonly current: number | null;
										} | {
											/** @constant */
											readonly of: "scramble";
											readonly stake: number;
											readonly adds: number;
											readonly rakeBp: number;
											readonly sharesPpm: readonly number[];
											readonly wave: number;
											readonly left: number;
										} | {
											/** @constant */
											readonly of: "boss";
											readonly name: string;
											readonly picture: string;
											readonly strength: {
												readonly ownPpm: number;
												readonly bonusPpm: number;
												readonly capPpm: number;
												readonly blows: number;
												readonly needPpm: number;
												readonly multiplier: number;
												readonly lastBlowBonus: number;
											};
											readonly needed: number;
											readonly hits: number;
											readonly step: number;
											readonly lastBlow: number | null;
										};
										readonly endedAt: number | null;
										readonly why: string | null;
										readonly round: number;
										readonly by: string | null;
										readonly left: number | null;
										readonly crew: readonly {
											readonly name: string;
											/** @enum {string} */
											readonly state: "in" | "out" | "caught" | "won" | "lost" | "back";
											readonly paid: number;
											readonly told: string;
											readonly hits?: number;
										}[];
									};
									readonly raffle?: {
										readonly id: number;
										/** @enum {string} */
										readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
										readonly title: string;
										readonly prize: string;
										readonly word: string | null;
										readonly people: number;
										readonly tickets: number;
										readonly left: number | null;
										readonly names: readonly string[];
										readonly drawing: {
											readonly total: number;
											readonly slices: readonly (readonly [
												number,
												string | null
											])[];
											readonly from: number;
											readonly until: number;
										} | null;
										readonly waiting: readonly {
											readonly name: string;
											readonly left: number;
										}[];
										readonly won: readonly {
											readonly name: string;
											readonly line: string | null;
											readonly chance: string;
										}[];
										readonly wonAgo: number | null;
									};
									readonly bet?: {
										readonly id: number;
										/** @enum {string} */
										readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
										readonly question: string;
										readonly lanes: readonly {
											readonly name: string;
											readonly word: string;
											readonly people: number;
											readonly staked: number;
										}[];
										readonly backers: number;
										readonly winner: number | null;
										readonly rakeBp: number;
										readonly left: number | null;
										readonly word: string;
										readonly winners: number;
										readonly prize: number;
										readonly refunded: boolean;
									};
									readonly goal?: {
										readonly id: number;
										readonly title: string;
										readonly paid: number;
										readonly target: number;
										readonly milestones: readonly {
											readonly at: number;
											readonly name: string;
										}[];
										readonly lastName: string;
										readonly lastAmount: number;
										readonly word: string;
									};
								};
							};
							readonly currency: components["schemas"]["Currency"];
							readonly media: string;
							readonly paused: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/api/channels": {
		/** The channels of this installation that anybody may find */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly channels: readonly {
								readonly slug: string;
								readonly name: string;
								readonly onAir: boolean;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/api/opening": {
		/** Whether a channel can be opened here, and whether a code is needed for it */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly possible: boolean;
							readonly code: boolean;
							readonly printed: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/api/desks": {
		/** The channels at whose desk one may be */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly desks: readonly {
								readonly slug: string;
								readonly name: string;
							}[];
							readonly caller: string;
							readonly operator: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/api/claim": {
		/** Open a channel: with the code that the server printed, with one of the operator’s, or freely, as it is configured */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "slug": "lamp",
					 *       "name": "lamp",
					 *       "currency": {
					 *         "one": "lamp",
					 *         "many": "lamp",
					 *         "word": "lamp"
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly code?: string;
						readonly slug: string;
						readonly name: string;
						readonly currency: components["schemas"]["Currency"];
						readonly timeZone?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly channel: string;
						};
					};
				};
			};
		};
	};
	readonly "/api/operator/channels": {
		/**
		 * The channels of the installation, the newest first, page by page: size, last show, storage
		 * @description For the installation’s operators.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
					/** @description Of those whose name, address or owner has this in it. Only the first 60 characters count. */
					readonly text?: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly channels: readonly {
								readonly id: number;
								readonly slug: string;
								readonly name: string;
								readonly owner: string;
								readonly openedAt: number;
								readonly pausedBy: ("owner" | "operator") | null;
								readonly closedAt: number | null;
								readonly people: number;
								readonly lastShow: number | null;
								readonly lines: number;
								readonly onAir: boolean;
								readonly stored: number;
							}[];
							readonly before: number | null;
							readonly total: number;
							readonly now: number;
						};
					};
				};
			};
		};
	};
	readonly "/api/operator/channels/{id}/pause": {
		/**
		 * Pause a channel, or resume it: what the operator paused, its owners cannot resume
		 * @description For the installation’s operators.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "paused": true
					 *     }
					 */
					readonly "application/json": {
						readonly paused: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/api/operator/codes": {
		/**
		 * The codes by which channels can be opened, and what became of those that were used
		 * @description For the installation’s operators.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly needed: boolean;
							readonly codes: readonly {
								readonly id: number;
								readonly whom: string;
								readonly madeAt: number;
								readonly expiresAt: number;
								readonly usedAt: number | null;
								readonly opened: string | null;
							}[];
							readonly now: number;
						};
					};
				};
			};
		};
		/**
		 * Make a code by which one channel can be opened within two weeks; it is told once
		 * @description For the installation’s operators.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "whom": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly whom: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly code: string;
							readonly expiresAt: number;
						};
					};
				};
			};
		};
	};
	readonly "/api/operator/codes/{id}/take-back": {
		/**
		 * Take back a code that was not used
		 * @description For the installation’s operators.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/api/operator/issuers": {
		/**
		 * By whom people may sign in: the one of the environment, and those that were added
		 * @description For the installation’s operators.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly first: {
								readonly name: string;
								readonly issuer: string;
							};
							readonly callback: string;
							readonly issuers: readonly {
								readonly id: number;
								readonly word: string;
								readonly issuer: string;
								readonly accountClaim: string;
								readonly name: string;
								readonly clientId: string;
								readonly scope: string;
								readonly nameClaim: string;
								readonly hasSecret: boolean;
							}[];
						};
					};
				};
			};
		};
		/**
		 * Add an issuer that people may sign in by
		 * @description For the installation’s operators.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "issuer": "https://example.org/hook",
					 *       "accountClaim": "lamp",
					 *       "name": "lamp",
					 *       "clientId": "lamp",
					 *       "scope": "example",
					 *       "nameClaim": "lamp",
					 *       "clientSecret": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly word: string;
						readonly issuer: string;
						readonly accountClaim: string;
						readonly name: string;
						readonly clientId: string;
						readonly scope: string;
						readonly nameClaim: string;
						readonly clientSecret: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly id: number;
						};
					};
				};
			};
		};
	};
	readonly "/api/operator/issuers/{id}": {
		/**
		 * Change what an issuer is called, and how it is asked
		 * @description For the installation’s operators.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "clientId": "lamp",
					 *       "scope": "example",
					 *       "nameClaim": "lamp",
					 *       "clientSecret": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly clientId: string;
						readonly scope: string;
						readonly nameClaim: string;
						readonly clientSecret: string | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/api/operator/issuers/{id}/remove": {
		/**
		 * Remove an issuer: whoever signed in by it is signed out
		 * @description For the installation’s operators.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/api/operator/issuers/{id}/test": {
		/**
		 * Ask an issuer how people sign in there; 0 is the one of the environment
		 * @description For the installation’s operators.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly good: boolean;
							readonly sentence: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/channel": {
		/**
		 * What the channel is called, where it is found, and whether it goes on
		 * @description For owners.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly name: string;
							readonly address: string;
							readonly former: readonly string[];
							readonly listed: boolean;
							readonly pausedBy: ("owner" | "operator") | null;
							readonly closedAt: number | null;
							readonly deletedAt: number | null;
							readonly viewerPage: string;
						};
					};
				};
			};
		};
		/**
		 * Change the channel’s name, and whether it is in the installation’s list
		 * @description For owners.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "listed": true
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly listed: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/channel/address": {
		/**
		 * Give the channel another address; the one it has goes on leading to it
		 * @description For owners.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "address": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly address: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/channel/pause": {
		/**
		 * Pause the channel, or resume it: paused, nothing is bought, played or entered, and the bot is out of the room
		 * @description For owners.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "paused": true
					 *     }
					 */
					readonly "application/json": {
						readonly paused: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/channel/close": {
		/**
		 * Close the channel: thirty days later it is deleted with all that is its
		 * @description For owners.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "address": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly address: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/channel/reopen": {
		/**
		 * Take a closed channel back, as it was
		 * @description For owners.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/channel/export": {
		/**
		 * Everything that the channel has, as one file: rows of every table as JSON, and the library’s files; no secrets
		 * @description For owners.
		 */
		readonly get: {
			readonly responses: {
				/** @description The file. */
				readonly 200: {
					content: {
						readonly "application/zip": string;
					};
				};
			};
		};
	};
	readonly "/desk/starter": {
		/**
		 * What there is to do before the first evening, and what of it is done
		 * @description For owners.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly page: string;
							readonly usual: {
								readonly people: number;
								readonly shows: number;
								readonly hours: number;
								/** @enum {string} */
								readonly look: "plain" | "warm" | "quiet";
							};
							readonly buyable: number;
							readonly over: boolean;
							readonly steps: readonly {
								/** @enum {string} */
								readonly step: "chat" | "events" | "starter" | "overlay" | "people" | "tell" | "show" | "order";
								readonly done: boolean;
								readonly skipped: boolean;
							}[];
						};
					};
				};
			};
		};
		/**
		 * Make what was chosen of a starter; what is there already stays as it is
		 * @description For owners.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "audience": {
					 *         "people": 1,
					 *         "shows": 1,
					 *         "hours": 1,
					 *         "look": "plain"
					 *       },
					 *       "take": [
					 *         "lamp"
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly audience: {
							readonly people: number;
							readonly shows: number;
							readonly hours: number;
							/** @enum {string} */
							readonly look: "plain" | "warm" | "quiet";
						};
						readonly take: readonly string[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly taken: number;
							readonly welcomed: number;
							readonly refused: readonly {
								readonly name: string;
								readonly why: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/starter/offer": {
		/**
		 * What a starter for an audience would make, and what of it is there already
		 * @description For owners.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description How many are usually there. */
					readonly people?: number;
					/** @description How many shows there are in a week. */
					readonly shows?: number;
					/** @description How many hours one of them takes. */
					readonly hours?: number;
					/** @description How it is to look. */
					readonly look?: "plain" | "warm" | "quiet";
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly pieces: readonly {
								readonly key: string;
								readonly of: string;
								readonly name: string;
								readonly says: string;
								readonly there: boolean;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/starter/skipped": {
		/**
		 * Leave a step before the first evening out, or take it up again
		 * @description For owners.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "step": "chat",
					 *       "skip": true
					 *     }
					 */
					readonly "application/json": {
						/** @enum {string} */
						readonly step: "chat" | "events" | "starter" | "overlay" | "people" | "tell" | "show" | "order";
						readonly skip: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly step: "chat" | "events" | "starter" | "overlay" | "people" | "tell" | "show" | "order";
							readonly skip: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/status": {
		/**
		 * How the show stands: figures of the show bar
		 * @description For all of the team.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly seq: number;
							readonly now: number;
							readonly channel: {
								readonly slug: string;
								readonly name: string;
								readonly pausedBy: ("owner" | "operator") | null;
							};
							readonly caller: string;
							readonly owner: boolean;
							readonly rights: {
								readonly areas: {
									/** @enum {string} */
									readonly show: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly waiting: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly people: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly earning: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly ranks: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly commands: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly store: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly games: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly raffles: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly bets: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly screen: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly connections: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly team: "none" | "look" | "act" | "change";
								};
								readonly mostAdjusted: number | null;
							};
							readonly currency: components["schemas"]["Currency"];
							readonly economy: boolean;
							readonly chat: {
								/** @enum {string} */
								readonly status: "off" | "out" | "refused" | "connecting" | "connected";
								readonly sentence: string;
								readonly since: number;
								readonly room: string | null;
								readonly lacks: readonly ("silent" | "moderators")[];
							};
							readonly overlays: readonly {
								readonly id: number;
								readonly connected: boolean;
							}[];
							readonly voice: components["schemas"]["Voice"];
							readonly ownVoice: boolean;
							readonly show: {
								readonly id: number;
								readonly title: string;
								/** @enum {string} */
								readonly status: "on" | "ended" | "closing";
								readonly number: number;
								readonly startedAt: number;
								readonly endedAt: number | null;
								readonly countsFrom: number;
								readonly pausedAt: number | null;
								readonly guest: string | null;
								readonly paid: number;
								readonly spent: number;
								readonly lines: number;
							} | null;
							readonly present: number;
							readonly forgotten: number | null;
							readonly resumable: {
								readonly title: string;
								readonly endedAt: number;
							} | null;
						};
					};
				};
			};
		};
	};
	readonly "/desk/evening": {
		/**
		 * What was paid and spent in each minute of the evening
		 * @description For who may look in: show.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly show: {
								readonly id: number;
								readonly title: string;
								/** @enum {string} */
								readonly status: "on" | "ended" | "closing";
								readonly number: number;
								readonly startedAt: number;
								readonly endedAt: number | null;
								readonly countsFrom: number;
								readonly pausedAt: number | null;
								readonly guest: string | null;
								readonly paid: number;
								readonly spent: number;
								readonly lines: number;
							} | null;
							readonly minutes: readonly {
								readonly minute: number;
								readonly paid: number;
								readonly spent: number;
							}[];
							readonly end?: number;
							readonly before?: {
								readonly title: string;
								readonly paid: number;
								readonly spent: number;
								readonly people: number;
								readonly seconds: number;
								readonly byThen: {
									readonly paid: number;
									readonly spent: number;
								};
							};
						};
					};
				};
			};
		};
	};
	readonly "/desk/chat": {
		/**
		 * The last lines of chat
		 * @description For who may look in: show.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly seq: number;
							readonly lines: readonly ({
								readonly seq: number;
								readonly at: number;
								/** @constant */
								readonly kind: "chat.said";
								readonly body: {
									readonly viewer: number;
									readonly name: string;
									readonly text: string;
								};
							} | {
								readonly seq: number;
								readonly at: number;
								/** @constant */
								readonly kind: "chat.replied";
								readonly body: {
									readonly to: string | null;
									readonly text: string;
									readonly likeness?: string;
									readonly first?: boolean;
									readonly own?: readonly number[];
									readonly viewer?: number;
									readonly code?: {
										/** @constant */
										readonly of: "order";
										readonly id: number;
									} | {
										/** @constant */
										readonly of: "winner";
										readonly key: string;
									};
									readonly room?: number;
								};
							})[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/show/start": {
		/**
		 * Go on air
		 * @description For who may act in: show.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "title": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly title: string;
						readonly resume?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly show: number;
							readonly resumed: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/show/end": {
		/**
		 * Go off air
		 * @description For who may act in: show.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly show: number;
							readonly seconds: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/show/close": {
		/**
		 * Close a show that was forgotten on air, at the time when it was really over
		 * @description For who may act in: show.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "endedAt": 1
					 *     }
					 */
					readonly "application/json": {
						readonly endedAt: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly show: number;
							readonly seconds: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/earning": {
		/**
		 * The earning plan, its draft, and what they are measured by
		 * @description For who may look in: earning.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly plan: components["schemas"]["EarningPlan"];
							readonly draft: {
								readonly plan: components["schemas"]["EarningPlan"] | null;
								readonly nextShow: boolean;
								readonly by: string;
								readonly at: number;
							};
							readonly currency: components["schemas"]["Currency"];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly zone: string;
							readonly week: {
								readonly shows: number;
								readonly seconds: number;
								readonly usual: boolean;
							};
						};
					};
				};
			};
		};
		/**
		 * Change the earning plan
		 * @description For who may change in: earning.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "intervalSeconds": 10,
					 *       "base": 0,
					 *       "cap": 1,
					 *       "offAir": {
					 *         "intervalSeconds": 10,
					 *         "base": 0
					 *       },
					 *       "standings": {},
					 *       "active": {
					 *         "plus": 0,
					 *         "withinSeconds": 10
					 *       },
					 *       "chat": {
					 *         "amount": 0,
					 *         "everySeconds": 1,
					 *         "commands": true,
					 *         "offAir": true
					 *       },
					 *       "support": {
					 *         "follow": 0,
					 *         "subscription": [
					 *           0,
					 *           0,
					 *           0
					 *         ],
					 *         "gift": 0,
					 *         "giftReceived": 0,
					 *         "raid": {
					 *           "fixed": 0,
					 *           "perViewer": 0,
					 *           "followersOnly": true
					 *         },
					 *         "tip": 0,
					 *         "cheer": 0,
					 *         "thanks": {}
					 *       },
					 *       "checkIn": {
					 *         "amount": 0,
					 *         "streakPlus": 0,
					 *         "streakMost": 0,
					 *         "missedAllowed": true
					 *       },
					 *       "allowance": {
					 *         "amount": 0,
					 *         "weekday": 1,
					 *         "hour": 0,
					 *         "to": [
					 *           "follower"
					 *         ]
					 *       },
					 *       "welcome": 0,
					 *       "newcomerWaitSeconds": 0
					 *     }
					 */
					readonly "application/json": components["schemas"]["EarningPlan"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly plan: components["schemas"]["EarningPlan"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/earning/history": {
		/**
		 * Every plan that was applied, the latest first
		 * @description For who may look in: earning.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly plans: readonly {
								readonly id: number;
								readonly at: number;
								readonly by: string;
								readonly plan: components["schemas"]["EarningPlan"];
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/economy": {
		/**
		 * Switch earning and spending on or off
		 * @description For who may change in: earning.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "on": true
					 *     }
					 */
					readonly "application/json": {
						readonly on: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly on: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/earning/draft": {
		/**
		 * Keep a draft of the plan, or have it applied when the next show starts
		 * @description For who may change in: earning.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "plan": {
					 *         "intervalSeconds": 10,
					 *         "base": 0,
					 *         "cap": 1,
					 *         "offAir": {
					 *           "intervalSeconds": 10,
					 *           "base": 0
					 *         },
					 *         "standings": {},
					 *         "active": {
					 *           "plus": 0,
					 *           "withinSeconds": 10
					 *         },
					 *         "chat": {
					 *           "amount": 0,
					 *           "everySeconds": 1,
					 *           "commands": true,
					 *           "offAir": true
					 *         },
					 *         "support": {
					 *           "follow": 0,
					 *           "subscription": [
					 *             0,
					 *             0,
					 *             0
					 *           ],
					 *           "gift": 0,
					 *           "giftReceived": 0,
					 *           "raid": {
					 *             "fixed": 0,
					 *             "perViewer": 0,
					 *             "followersOnly": true
					 *           },
					 *           "tip": 0,
					 *           "cheer": 0,
					 *           "thanks": {}
					 *         },
					 *         "checkIn": {
					 *           "amount": 0,
					 *           "streakPlus": 0,
					 *           "streakMost": 0,
					 *           "missedAllowed": true
					 *         },
					 *         "allowance": {
					 *           "amount": 0,
					 *           "weekday": 1,
					 *           "hour": 0,
					 *           "to": [
					 *             "follower"
					 *           ]
					 *         },
					 *         "welcome": 0,
					 *         "newcomerWaitSeconds": 0
					 *       },
					 *       "nextShow": true
					 *     }
					 */
					readonly "application/json": {
						readonly plan: components["schemas"]["EarningPlan"] | null;
						readonly nextShow: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly nextShow: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/gaps": {
		/**
		 * Times when chat was away during a show, and what became of them
		 * @description For who may look in: show, earning.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly gaps: readonly {
								readonly id: number;
								readonly from: number;
								readonly until: number;
								readonly people: number;
								/** @enum {string} */
								readonly status: "paid" | "open" | "undone" | "dismissed";
								readonly endedAt: number | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/gaps/{gap}/pay": {
		/**
		 * Pay such a time to who was there before and after it, or tell what it would come to
		 * @description For who may act in: earning.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly gap: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "preview": true
					 *     }
					 */
					readonly "application/json": {
						readonly preview: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly people: number;
							readonly total: number;
							readonly seconds?: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/gaps/{gap}/end": {
		/**
		 * Let such a time go, or take its payment back within ten minutes
		 * @description For who may act in: earning.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly gap: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "how": "dismiss"
					 *     }
					 */
					readonly "application/json": {
						/** @enum {string} */
						readonly how: "dismiss" | "undo";
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly people: number;
							readonly total: number;
						} | {
							readonly people: number;
							readonly owed: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/show/guest": {
		/**
		 * Show somebody else’s channel, with earning going on or paused; or one’s own again
		 * @description For who may act in: show.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "guest": "lamp",
					 *       "earning": "going"
					 *     }
					 */
					readonly "application/json": {
						readonly guest: string | null;
						/** @enum {string} */
						readonly earning: "going" | "paused";
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly paused: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/present": {
		/**
		 * Who is in the room
		 * @description For who may look in: show, people.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly viewers: readonly {
								readonly id: number;
								readonly name: string;
								readonly moderator: boolean;
								readonly balance: number;
								readonly tonight: number | null;
							}[];
							readonly total: number;
							readonly chatting: number;
							readonly arrived: readonly {
								readonly id: number;
								readonly name: string;
								readonly at: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/viewers/{viewer}": {
		/**
		 * All that is known of one viewer
		 * @description For who may look in: people.
		 */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly viewer: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly viewer: {
								readonly id: number;
								readonly issuer: string;
								readonly account: string;
								readonly ignored: boolean;
								readonly unlisted: boolean;
								readonly name: string;
								readonly nickname: string | null;
								readonly chatName: string;
								readonly moderator: boolean;
								readonly linked: boolean;
								readonly present: boolean;
								readonly followedAt: number | null;
								readonly tier: number;
								readonly subscribedSince: number | null;
								readonly subscribedUntil: number | null;
								readonly accountMadeAt: number | null;
								readonly circles: readonly number[];
								readonly rank: number | null;
								readonly balance: number;
								readonly earned: number;
								readonly watchedSeconds: number;
								readonly firstSeenAt: number;
								readonly lastSeenAt: number;
								readonly accountKey: string;
								readonly circlesByHand: {
									readonly [key: string]: "in" | "out";
								};
								readonly archivedAt: number | null;
								readonly mergedInto: number | null;
								readonly presentSince: number | null;
								readonly counting: boolean;
								readonly countedUntil: number;
								readonly showId: number | null;
								readonly showSeconds: number;
								readonly chattedAt: number | null;
								readonly attended: number;
								readonly attendedShow: number;
							};
							readonly standings: readonly string[];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly rank: {
								/** @enum {string} */
								readonly measure: "hours" | "earned";
								readonly value: number;
								readonly held: {
									readonly name: string;
									readonly from: number;
									/** @enum {string} */
									readonly badge: "sprout" | "leaf" | "star" | "sun" | "mountain" | "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
								readonly next: {
									readonly name: string;
									readonly from: number;
									/** @enum {string} */
									readonly badge: "sprout" | "leaf" | "star" | "sun" | "mountain" | "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
							};
							readonly hours: {
								readonly show: number | null;
								readonly days: number;
							};
							readonly attended: {
								readonly count: number;
								readonly of: number;
							};
							readonly shows: readonly {
								readonly startedAt: number;
								readonly title: string;
								readonly seconds: number;
								readonly attended: boolean;
							}[];
							readonly habits: {
								readonly streak: number;
								readonly bestStreak: number;
								readonly checkIns: number;
							};
							readonly tallies: readonly {
								readonly id: number;
								readonly name: string;
								readonly one: string;
								readonly many: string;
								readonly total: number;
							}[];
							readonly notes: readonly {
								readonly id: number;
								readonly at: number;
								readonly by: string;
								readonly text: string;
							}[];
							readonly aliases: readonly string[];
						};
					};
				};
			};
		};
		/**
		 * Change what the team keeps of somebody: nickname, standings, whether they are listed
		 * @description For who may change in: people.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly viewer: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly nickname?: string;
						readonly follower?: boolean;
						readonly tier?: number;
						readonly unlisted?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/viewers/{viewer}/trail": {
		/**
		 * Why somebody’s balance is what it is
		 * @description For who may look in: people.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
					/** @description One kind of entry alone. */
					readonly only?: "earned" | "spent" | "hand";
				};
				readonly path: {
					readonly viewer: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly entries: readonly {
								readonly id: number;
								readonly at: number;
								readonly change: number;
								readonly balance: number | null;
								readonly why: string;
							}[];
							readonly before: number | null;
						};
					};
				};
			};
		};
	};
	readonly "/desk/viewers": {
		/**
		 * Viewers whose name begins so
		 * @description For who may look in: people, show, commands, store, games, raffles, bets, ranks.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description How the name begins. Only the first 60 characters count. */
					readonly name?: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly viewers: readonly {
								readonly id: number;
								readonly name: string;
								readonly lastSeenAt: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/people": {
		/**
		 * Everybody whom the channel knows, page by page
		 * @description For who may look in: people.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description A part of the name, or how it begins. Only the first 60 characters count. */
					readonly name?: string;
					/** @description 1: only who is in the room now. */
					readonly present?: "0" | "1";
					/** @description Who of those that lists leave out is among them. */
					readonly shown?: "listed" | "ignored" | "archived" | "all";
					/** @description A standing, such as “follower” or “circle:3”. Only the first 40 characters count. */
					readonly standing?: string;
					/** @description The number of a rank. */
					readonly rank?: number;
					/** @description Who holds at least so much. */
					readonly balanceFrom?: number;
					/** @description Who holds at most so much. */
					readonly balanceTo?: number;
					/** @description Who has watched at least so many hours. */
					readonly hoursFrom?: number;
					/** @description Who has earned at least so much. */
					readonly earnedFrom?: number;
					/** @description Who was seen after this moment (seconds since 1970). */
					readonly seenAfter?: number;
					/** @description Who was seen before this moment (seconds since 1970). */
					readonly seenBefore?: number;
					/** @description What they are in the order of. */
					readonly sort?: "name" | "balance" | "hours" | "earned" | "seen" | "since";
					/** @description 0: the smallest first; 1: the largest. */
					readonly down?: "0" | "1";
					/** @description How many to leave out: the page after this one. */
					readonly offset?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly people: readonly {
								readonly id: number;
								readonly issuer: string;
								readonly account: string;
								readonly ignored: boolean;
								readonly unlisted: boolean;
								readonly name: string;
								readonly nickname: string | null;
								readonly chatName: string;
								readonly moderator: boolean;
								readonly linked: boolean;
								readonly present: boolean;
								readonly followedAt: number | null;
								readonly tier: number;
								readonly subscribedSince: number | null;
								readonly subscribedUntil: number | null;
								readonly accountMadeAt: number | null;
								readonly circles: readonly number[];
								readonly rank: number | null;
								readonly balance: number;
								readonly earned: number;
								readonly watchedSeconds: number;
								readonly firstSeenAt: number;
								readonly lastSeenAt: number;
							}[];
							readonly total: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people.csv": {
		/**
		 * The same people as a file of comma-separated values
		 * @description For who may look in: people.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description A part of the name, or how it begins. Only the first 60 characters count. */
					readonly name?: string;
					/** @description 1: only who is in the room now. */
					readonly present?: "0" | "1";
					/** @description Who of those that lists leave out is among them. */
					readonly shown?: "listed" | "ignored" | "archived" | "all";
					/** @description A standing, such as “follower” or “circle:3”. Only the first 40 characters count. */
					readonly standing?: string;
					/** @description The number of a rank. */
					readonly rank?: number;
					/** @description Who holds at least so much. */
					readonly balanceFrom?: number;
					/** @description Who holds at most so much. */
					readonly balanceTo?: number;
					/** @description Who has watched at least so many hours. */
					readonly hoursFrom?: number;
					/** @description Who has earned at least so much. */
					readonly earnedFrom?: number;
					/** @description Who was seen after this moment (seconds since 1970). */
					readonly seenAfter?: number;
					/** @description Who was seen before this moment (seconds since 1970). */
					readonly seenBefore?: number;
					/** @description What they are in the order of. */
					readonly sort?: "name" | "balance" | "hours" | "earned" | "seen" | "since";
					/** @description 0: the smallest first; 1: the largest. */
					readonly down?: "0" | "1";
				};
			};
			readonly responses: {
				/** @description The file. */
				readonly 200: {
					content: {
						readonly "text/csv": string;
					};
				};
			};
		};
	};
	readonly "/desk/people/correct": {
		/**
		 * Give to, take from or set the balance of people by hand
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewers": [
					 *         1
					 *       ],
					 *       "of": "balance",
					 *       "how": "give",
					 *       "amount": 0,
					 *       "why": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly viewers: readonly number[] | "present" | string;
						/** @enum {string} */
						readonly of: "balance" | "hours";
						/** @enum {string} */
						readonly how: "give" | "take" | "set";
						readonly amount: number;
						readonly why: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly adjustments: readonly number[];
							readonly asked: number;
							readonly changed: number;
							readonly total: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/corrections": {
		/**
		 * Corrections that can still be taken back
		 * @description For who may look in: people.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly corrections: readonly {
								readonly adjustments: readonly number[];
								readonly at: number;
								readonly by: string;
								/** @enum {string} */
								readonly of: "balance" | "hours" | "import";
								readonly why: string;
								readonly people: number;
								readonly total: number;
								readonly name: string | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/undo": {
		/**
		 * Take corrections back, within ten minutes
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "adjustments": [
					 *         1
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly adjustments: readonly number[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly changed: number;
							readonly total: number;
							readonly owed: number;
							readonly owing: readonly {
								readonly viewer: string;
								readonly owed: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/viewers/{viewer}/notes": {
		/**
		 * Write a note about somebody
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly viewer: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "text": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly text: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly note: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/notes/{note}/remove": {
		/**
		 * Remove a note
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly note: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/viewers/{viewer}/merge": {
		/**
		 * Make one person of two accounts; the one in the address is given up
		 * @description For who may change in: people.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly viewer: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "into": 1
					 *     }
					 */
					readonly "application/json": {
						readonly into: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly viewer: number;
							readonly moved: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/viewers/{viewer}/forget": {
		/**
		 * Forget somebody for good
		 * @description For who may change in: people.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly viewer: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "confirm": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly confirm: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly forgotten: number;
							readonly amount: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/add": {
		/**
		 * Make somebody known before they ever come
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "account": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly account: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly viewer: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/ignore": {
		/**
		 * Ignore people, or know them again
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewers": [
					 *         1
					 *       ],
					 *       "ignored": true
					 *     }
					 */
					readonly "application/json": {
						readonly viewers: readonly number[];
						readonly ignored: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly changed: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/archive": {
		/**
		 * Put people aside, or take them back
		 * @description For who may change in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewers": [
					 *         1
					 *       ],
					 *       "archived": true
					 *     }
					 */
					readonly "application/json": {
						readonly viewers: readonly number[];
						readonly archived: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly changed: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/import/before": {
		/**
		 * Whom a file of this name has brought already
		 * @description For who may change in: people.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The name of the file. Only the first 100 characters count. */
					readonly called?: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly at: number | null;
							readonly accounts: readonly (readonly string[])[];
							readonly network: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/import": {
		/**
		 * Take in a part of a file of people; the same part again changes nothing
		 * @description For who may change in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "digest": "abc0",
					 *       "lines": [
					 *         {
					 *           "account": "lamp",
					 *           "name": "lamp",
					 *           "balance": 0,
					 *           "seconds": 0
					 *         }
					 *       ],
					 *       "how": "add"
					 *     }
					 */
					readonly "application/json": {
						readonly digest: string;
						readonly lines: readonly ({
							readonly account: string;
							readonly name: string;
							readonly balance: number | null;
							readonly seconds: number | null;
							readonly kept?: {
								readonly nickname?: string | null;
								readonly moderator?: boolean;
								readonly followedAt?: number | null;
								readonly tier?: number;
								readonly subscribedSince?: number | null;
								readonly subscribedUntil?: number | null;
								readonly accountMadeAt?: number | null;
								readonly circles?: readonly number[];
								readonly ignored?: boolean;
								readonly unlisted?: boolean;
							};
						} | {
							readonly issuer: string;
							readonly account: string;
							readonly name: string;
							readonly balance: number | null;
							readonly seconds: number | null;
							readonly kept?: {
								readonly nickname?: string | null;
								readonly moderator?: boolean;
								readonly followedAt?: number | null;
								readonly tier?: number;
								readonly subscribedSince?: number | null;
								readonly subscribedUntil?: number | null;
								readonly accountMadeAt?: number | null;
								readonly circles?: readonly number[];
								readonly ignored?: boolean;
								readonly unlisted?: boolean;
							};
						})[];
						/** @enum {string} */
						readonly how: "add" | "set";
						readonly called?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly again: boolean;
							readonly added: number;
							readonly changed: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/present/followers": {
		/**
		 * Count everybody who is in the room as a follower since a day; who follows already stays as they are
		 * @description For who may change in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "since": 1
					 *     }
					 */
					readonly "application/json": {
						readonly since: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly changed: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/reset": {
		/**
		 * Set everybody’s balance or hours to nothing; can be taken back for a day
		 * @description For who may change in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "of": "balance",
					 *       "confirm": "lamp"
					 *     }
					 */
					readonly "application/json": {
						/** @enum {string} */
						readonly of: "balance" | "hours";
						readonly confirm: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly adjustments: readonly number[];
							readonly asked: number;
							readonly changed: number;
							readonly total: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/people/archive-unseen": {
		/**
		 * Archive who was not seen for so many days, or tell how many that would be
		 * @description For who may change in: people.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "days": 1,
					 *       "preview": true
					 *     }
					 */
					readonly "application/json": {
						readonly days: number;
						readonly preview: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly people: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/supporters": {
		/**
		 * Support that waits to be matched to a person
		 * @description For who may look in: people.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly supporters: readonly {
								readonly id: number;
								readonly at: number;
								readonly account: string;
								readonly name: string;
								readonly support: {
									/** @constant */
									readonly kind: "follow";
								} | {
									/** @enum {string} */
									readonly kind: "subscription" | "resubscription";
									readonly tier: number;
								} | {
									/** @constant */
									readonly kind: "gift";
									readonly count: number;
									readonly tier: number;
								} | {
									/** @constant */
									readonly kind: "giftReceived";
									readonly tier: number;
								} | {
									/** @constant */
									readonly kind: "raid";
									readonly viewers: number;
								} | {
									/** @constant */
									readonly kind: "tip";
									readonly minorUnits: number;
									readonly currency?: string;
								} | {
									/** @constant */
									readonly kind: "cheer";
									readonly units: number;
								};
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/supporters/{supporter}/match": {
		/**
		 * Say who a supporter was, for all that waits under that name; null: nobody
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly supporter: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewer": 1
					 *     }
					 */
					readonly "application/json": {
						readonly viewer: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly matched: number;
							readonly paid: number;
						};
					};
				};
			};
		};
	};
	readonly "/me/standing": {
		/** The caller’s own rank, standings, circles, hours and streak */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly known: boolean;
							readonly ranks?: number;
							readonly standings: readonly string[];
							readonly circles: readonly string[];
							readonly rank: {
								/** @enum {string} */
								readonly measure: "hours" | "earned";
								readonly value: number;
								readonly held: {
									readonly name: string;
									readonly from: number;
									/** @enum {string} */
									readonly badge: "sprout" | "leaf" | "star" | "sun" | "mountain" | "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
								readonly next: {
									readonly name: string;
									readonly from: number;
									/** @enum {string} */
									readonly badge: "sprout" | "leaf" | "star" | "sun" | "mountain" | "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
							} | null;
							readonly checkIn: {
								readonly open: boolean;
								readonly done: boolean;
								readonly streak: number;
								readonly best: number;
							} | null;
							readonly listed: boolean;
							readonly names?: {
								readonly [key: string]: string;
							};
							readonly watchedSeconds?: number;
						};
					};
				};
			};
		};
	};
	readonly "/me/check-in": {
		/** Check in to the show */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly paid: number;
							readonly streak: number;
						};
					};
				};
			};
		};
	};
	readonly "/me/listed": {
		/** Be in the public lists, or not */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "listed": true
					 *     }
					 */
					readonly "application/json": {
						readonly listed: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/me/messages": {
		/** What was told the caller alone, the latest first */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly messages: readonly {
								readonly id: number;
								readonly at: number;
								readonly text: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/me/everything.json": {
		/** Everything that the channel keeps of the caller, as a file */
		readonly get: {
			readonly responses: {
				/** @description The file. */
				readonly 200: {
					content: {
						readonly "application/json": string;
					};
				};
			};
		};
	};
	readonly "/lists": {
		/** Top lists, with the caller’s own place */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description What is counted. */
					readonly list?: "balance" | "hours" | "earned";
					/** @description In which time. */
					readonly period?: "all" | "days" | "show";
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly places: readonly {
								readonly place: number;
								readonly id: number;
								readonly name: string;
								readonly value: number;
							}[];
							readonly own: {
								readonly place: number;
								readonly id: number;
								readonly name: string;
								readonly value: number;
							} | null;
						};
					};
				};
			};
		};
	};
	readonly "/me/accounts": {
		/** The accounts that are known to be the caller’s */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly signedIn: string;
							readonly separate: boolean;
							readonly chat: readonly string[];
							readonly others: readonly {
								readonly issuer: string;
								readonly account: string;
							}[];
							readonly ways: readonly {
								readonly id: number;
								readonly name: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/me/link": {
		/** Make a code that, said in chat, links the account there to the caller’s */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly say: string;
							readonly seconds: number;
						};
					};
				};
			};
		};
	};
	readonly "/store": {
		/** The store as viewers see it */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly at: number;
							readonly changesAt: number | null;
							readonly seq: number;
							readonly slug: string;
							readonly paused: boolean;
							readonly economy: boolean;
							readonly name: string;
							readonly currency: components["schemas"]["Currency"];
							readonly plan: components["schemas"]["EarningPlan"];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly words: {
								readonly here: string;
								readonly get: string;
							};
							readonly show: {
								readonly title: string;
								readonly startedAt: number;
							} | null;
							readonly rewards: readonly {
								readonly id: number;
								readonly word: string;
								readonly command: boolean;
								readonly name: string;
								readonly description: string;
								readonly group: string;
								readonly price: number;
								readonly tally: {
									readonly one: string;
									readonly many: string;
									readonly count: number;
									readonly has: number | null;
								} | null;
								/** @enum {string} */
								readonly kind: "hand" | "itself" | "code";
								readonly picture: components["schemas"]["PictureRef"];
								readonly asks: components["schemas"]["Asks"];
								readonly confirm: string;
								readonly post: number | null;
								readonly lasts: number | null;
								readonly left: number | null;
								readonly limits: readonly string[];
								readonly why: {
									readonly code: string;
									readonly sentence: string;
									readonly until: number | null;
								} | null;
							}[];
							readonly secrets: boolean;
							readonly games: boolean;
							readonly raffles: boolean;
							readonly bets: boolean;
							readonly goals: boolean;
							readonly signedIn: string | null;
						};
					};
				};
			};
		};
	};
	readonly "/open": {
		/** The raffles, bets and goals that can be joined now, by name */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffles: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly bets: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly goals: readonly {
								readonly id: number;
								readonly name: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/me": {
		/** The caller’s own balance and orders */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly name: string;
							readonly test: boolean;
							readonly balance: number;
							readonly present: boolean;
							readonly watchedSeconds: number;
							readonly orders: readonly {
								readonly id: number;
								readonly rewardName: string;
								readonly price: number;
								readonly text: string | null;
								/** @enum {string} */
								readonly status: "waiting" | "running" | "back" | "done" | "refunded";
								readonly placedAt: number;
								readonly endedAt: number | null;
								readonly endsAt: number | null;
								readonly code: string | null;
								readonly place: number | null;
								readonly posted: boolean;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/me/trail": {
		/** Why the caller’s balance is what it is */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly entries: readonly {
								readonly id: number;
								readonly at: number;
								readonly change: number;
								readonly balance: number | null;
								readonly why: string;
							}[];
							readonly before: number | null;
						};
					};
				};
			};
		};
	};
	readonly "/orders": {
		/** Buy a reward */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "text": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly word: string;
						readonly text: string;
						readonly address?: string | null;
						readonly confirmed?: boolean;
						readonly again?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly code: string | null;
							readonly order: number;
							/** @enum {string} */
							readonly status: "waiting" | "running" | "back" | "done" | "refunded";
							readonly price: number;
							readonly balance: number;
						};
					};
				};
			};
		};
	};
	readonly "/unlock": {
		/** Say a secret word */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly word: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly unlocked: readonly string[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders": {
		/**
		 * Orders that wait on the bench
		 * @description For who may look in: waiting.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly orders: readonly {
								readonly id: number;
								readonly reward: number;
								readonly rewardName: string;
								readonly viewer: number;
								readonly viewerName: string;
								readonly price: number;
								readonly text: string | null;
								/** @enum {string} */
								readonly status: "waiting" | "running" | "back" | "done" | "refunded";
								readonly placedAt: number;
								readonly endedAt: number | null;
								readonly endedBy: string | null;
								readonly takenBy: string | null;
								readonly endsAt: number | null;
								readonly byHand: boolean;
								readonly posted: boolean;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders/history": {
		/**
		 * All orders, a page at a time
		 * @description For who may look in: waiting.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description Which of them. */
					readonly shown?: "open" | "running" | "done" | "refunded" | "all";
					/** @description The orders of one reward, by its number. */
					readonly reward?: number;
					/** @description The orders of one person, by their number. */
					readonly viewer?: number;
					/** @description Words of the order, the reward or the name. Only the first 100 characters count. */
					readonly text?: string;
					/** @description Which come first. */
					readonly order?: "newest" | "oldest";
					/** @description The page after the order of this number. */
					readonly after?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly orders: readonly {
								readonly id: number;
								readonly reward: number;
								readonly rewardName: string;
								readonly viewer: number;
								readonly viewerName: string;
								readonly price: number;
								readonly text: string | null;
								/** @enum {string} */
								readonly status: "waiting" | "running" | "back" | "done" | "refunded";
								readonly placedAt: number;
								readonly endedAt: number | null;
								readonly endedBy: string | null;
								readonly takenBy: string | null;
								readonly endsAt: number | null;
								readonly byHand: boolean;
								readonly posted: boolean;
							}[];
							readonly after: number | null;
							readonly counts: {
								readonly open: number;
								readonly running: number;
								readonly done: number;
								readonly refunded: number;
							};
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders.csv": {
		/**
		 * The same orders as a file of comma-separated values
		 * @description For who may look in: waiting.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description Which of them. */
					readonly shown?: "open" | "running" | "done" | "refunded" | "all";
					/** @description The orders of one reward, by its number. */
					readonly reward?: number;
					/** @description The orders of one person, by their number. */
					readonly viewer?: number;
					/** @description Words of the order, the reward or the name. Only the first 100 characters count. */
					readonly text?: string;
					/** @description Which come first. */
					readonly order?: "newest" | "oldest";
				};
			};
			readonly responses: {
				/** @description The file. */
				readonly 200: {
					content: {
						readonly "text/csv": string;
					};
				};
			};
		};
	};
	readonly "/desk/orders/{order}/address": {
		/**
		 * Where an order is sent
		 * @description For who may act in: waiting.
		 */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly order: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly address: string | null;
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders/{order}/done": {
		/**
		 * Mark an order as done; the buyer is told the message, or the reward’s own text
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly order: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly message?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly order: number;
							/** @enum {string} */
							readonly status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders/{order}/give-back": {
		/**
		 * Give an order’s price back
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly order: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly order: number;
							/** @enum {string} */
							readonly status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders/{order}/reopen": {
		/**
		 * Take up an order again that was marked done
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly order: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly order: number;
							/** @enum {string} */
							readonly status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders/{order}/take": {
		/**
		 * Say that one sees to an order
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly order: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly order: number;
							/** @enum {string} */
							readonly status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders/{order}/leave": {
		/**
		 * Leave an order to others again
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly order: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly order: number;
							/** @enum {string} */
							readonly status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	readonly "/desk/orders/many": {
		/**
		 * Do the same with many orders: mark them done, or give their price back
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "orders": [
					 *         1
					 *       ],
					 *       "does": "done"
					 *     }
					 */
					readonly "application/json": {
						readonly orders: readonly number[];
						/** @enum {string} */
						readonly does: "done" | "give-back";
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly done: number;
							readonly refused: readonly string[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/show/summary": {
		/**
		 * What the last show came to: who came, what was sold, which prices are out of reach or next to nothing
		 * @description For who may look in: show, store.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly show: {
								readonly title: string;
								readonly startedAt: number;
								readonly endedAt: number;
								readonly paid: number;
								readonly spent: number;
								readonly people: number;
								readonly newcomers: number;
								readonly sold: readonly {
									readonly name: string;
									readonly count: number;
									readonly amount: number;
								}[];
								readonly half: number;
								readonly inReach: number;
								readonly rewards: number;
								readonly charges: readonly {
									readonly reward: number;
									readonly name: string;
									readonly price: number;
									/** @enum {string} */
									readonly charge: "dear" | "cheap";
									readonly could: number;
								}[];
							} | null;
						};
					};
				};
			};
		};
	};
	readonly "/desk/overlays": {
		/**
		 * Add an overlay
		 * @description For who may change in: screen.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly overlay: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/overlays/{overlay}": {
		/**
		 * Change an overlay’s name, size and pieces
		 * @description For who may change in: screen.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly overlay: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "width": 100,
					 *       "height": 100,
					 *       "pieces": [
					 *         {
					 *           "of": "alerts",
					 *           "id": "lamp",
					 *           "x": -8000,
					 *           "y": -8000,
					 *           "w": 20,
					 *           "h": 20,
					 *           "locked": true,
					 *           "hidden": true,
					 *           "look": {
					 *             "font": "display",
					 *             "size": 0,
					 *             "colour": "#aabbcc",
					 *             "ground": "#aabbcc",
					 *             "cover": 0,
					 *             "corner": 0,
					 *             "shadow": true
					 *           },
					 *           "which": "all"
					 *         }
					 *       ],
					 *       "background": "lamp"
					 *     }
					 */
					readonly "application/json": components["schemas"]["OverlaySettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly overlay: number;
							readonly settings: components["schemas"]["OverlaySettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/overlays/{overlay}/renew": {
		/**
		 * Give an overlay a new address
		 * @description For who may change in: screen.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly overlay: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly overlay: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/overlays/{overlay}/remove": {
		/**
		 * Take an overlay away
		 * @description For who may change in: screen.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly overlay: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/screen/test": {
		/**
		 * Play an alert on every overlay now; null: one that shows whether they are seen and heard
		 * @description For who may act in: screen.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "alert": 1
					 *     }
					 */
					readonly "application/json": {
						readonly alert: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/screen/control": {
		/**
		 * Skip, clear, pause or go on with the alerts
		 * @description For who may act in: screen.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "what": "skip"
					 *     }
					 */
					readonly "application/json": {
						/** @enum {string} */
						readonly what: "skip" | "clear" | "pause" | "resume";
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly paused: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/alerts": {
		/**
		 * Make an alert
		 * @description For who may change in: screen.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "title": "lamp",
					 *       "line": "lamp",
					 *       "picture": "lamp",
					 *       "sound": "none",
					 *       "volume": 0,
					 *       "seconds": 2,
					 *       "enter": "slide",
					 *       "leave": "slide",
					 *       "place": "topLeft",
					 *       "layout": "beside"
					 *     }
					 */
					readonly "application/json": components["schemas"]["AlertSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly alert: number;
							readonly settings: components["schemas"]["AlertSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/alerts/{id}": {
		/**
		 * Change an alert
		 * @description For who may change in: screen.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "title": "lamp",
					 *       "line": "lamp",
					 *       "picture": "lamp",
					 *       "sound": "none",
					 *       "volume": 0,
					 *       "seconds": 2,
					 *       "enter": "slide",
					 *       "leave": "slide",
					 *       "place": "topLeft",
					 *       "layout": "beside"
					 *     }
					 */
					readonly "application/json": components["schemas"]["AlertSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly alert: number;
							readonly settings: components["schemas"]["AlertSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/alerts/{id}/remove": {
		/**
		 * Take an alert away
		 * @description For who may change in: screen.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/screen": {
		/**
		 * Overlays, alerts and the library
		 * @description For who may look in: screen.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly overlays: readonly {
								readonly connected: boolean;
								readonly id: number;
								readonly name: string;
								readonly secret: string;
								readonly width: number;
								readonly height: number;
								readonly pieces: readonly components["schemas"]["Piece"][];
								readonly background: components["schemas"]["PictureRef"] | null;
								readonly seenAt: number | null;
							}[];
							readonly paused: boolean;
							readonly alerts: readonly {
								readonly uses: readonly string[];
								readonly id: number;
								readonly settings: components["schemas"]["AlertSettings"];
							}[];
							readonly media: readonly {
								readonly uses: readonly string[];
								readonly file: string;
								readonly name: string;
								/** @enum {string} */
								readonly kind: "picture" | "sound" | "video";
								readonly bytes: number;
								readonly width: number | null;
								readonly height: number | null;
								readonly ms: number | null;
								readonly addedAt: number;
							}[];
							readonly room: {
								readonly used: number;
								readonly most: number;
								readonly each: number;
							};
						};
					};
				};
			};
		};
	};
	readonly "/desk/media": {
		/**
		 * Put a file into the library: its bytes as the body, pictures cropped as asked
		 * @description For who may change in: screen.
		 */
		readonly post: {
			readonly parameters: {
				readonly query?: {
					/** @description What it is called. Only the first 200 characters count. */
					readonly name?: string;
					/** @description The part of a picture to take, “x,y,w,h” in ten-thousandths. Only the first 40 characters count. */
					readonly crop?: string;
				};
			};
			readonly requestBody: {
				readonly content: {
					readonly "application/octet-stream": string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly file: string;
							readonly known: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/media/{file}": {
		/**
		 * Rename a file of the library
		 * @description For who may change in: screen.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly file: string;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly file: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/media/{file}/remove": {
		/**
		 * Take a file out of the library
		 * @description For who may change in: screen.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly file: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/ranks": {
		/**
		 * Ranks and circles, and how many people are in each
		 * @description For who may look in: ranks, people, commands.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly plan: components["schemas"]["RankPlan"];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
								readonly rules: {
									readonly hours: number | null;
									readonly shows: {
										readonly least: number;
										readonly of: number;
									} | null;
									readonly followerDays: number | null;
									readonly subscriberMonths: number | null;
									readonly rank: number | null;
								};
								readonly keep: boolean;
								readonly goneAt: number | null;
							}[];
							readonly counts: {
								readonly ranks: readonly {
									readonly id: number | null;
									readonly count: number;
									readonly watchedSeconds: {
										readonly low: number;
										readonly half: number;
										readonly high: number;
									};
									readonly earned: {
										readonly low: number;
										readonly half: number;
										readonly high: number;
									};
								}[];
								readonly circles: readonly {
									readonly id: number;
									readonly count: number;
								}[];
							};
							readonly currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
		/**
		 * Change the ranks; everybody’s follows at once
		 * @description For who may change in: ranks.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "measure": "hours",
					 *       "ranks": [
					 *         {
					 *           "id": 1,
					 *           "name": "lamp",
					 *           "from": 0,
					 *           "needs": "follower",
					 *           "badge": "sprout"
					 *         }
					 *       ],
					 *       "announce": "lamp"
					 *     }
					 */
					readonly "application/json": components["schemas"]["RankPlan"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly ranks: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/ranks/preview": {
		/**
		 * Who would rise and who would fall by other ranks
		 * @description For who may look in: ranks.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "measure": "hours",
					 *       "ranks": [
					 *         {
					 *           "id": 1,
					 *           "name": "lamp",
					 *           "from": 0,
					 *           "needs": "follower",
					 *           "badge": "sprout"
					 *         }
					 *       ],
					 *       "announce": "lamp"
					 *     }
					 */
					readonly "application/json": components["schemas"]["RankPlan"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly rises: {
								readonly count: number;
								readonly people: readonly {
									readonly name: string;
									readonly before: string | null;
									readonly after: string | null;
								}[];
							};
							readonly falls: {
								readonly count: number;
								readonly people: readonly {
									readonly name: string;
									readonly before: string | null;
									readonly after: string | null;
								}[];
							};
						};
					};
				};
			};
		};
	};
	readonly "/desk/circles": {
		/**
		 * Make or change a circle; who is in it follows at once
		 * @description For who may change in: ranks.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "circle": 1,
					 *       "settings": {
					 *         "name": "lamp",
					 *         "keep": true,
					 *         "rules": {
					 *           "hours": 1,
					 *           "shows": {
					 *             "least": 1,
					 *             "of": 1
					 *           },
					 *           "followerDays": 1,
					 *           "subscriberMonths": 1,
					 *           "rank": 1
					 *         }
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly circle: number | null;
						readonly settings: {
							readonly name: string;
							readonly keep: boolean;
							readonly rules: {
								readonly hours: number | null;
								readonly shows: {
									readonly least: number;
									readonly of: number;
								} | null;
								readonly followerDays: number | null;
								readonly subscriberMonths: number | null;
								readonly rank: number | null;
							};
						};
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly circle: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/circles/{circle}/close": {
		/**
		 * Close a circle
		 * @description For who may change in: ranks.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly circle: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/circles/{circle}/join": {
		/**
		 * Take people into a circle, keep them out of it, or leave it to its rules
		 * @description For who may act in: ranks.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly circle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewers": [
					 *         1
					 *       ],
					 *       "how": "in"
					 *     }
					 */
					readonly "application/json": {
						readonly viewers: readonly number[];
						/** @enum {string} */
						readonly how: "in" | "out" | "rules";
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly changed: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/commands": {
		/**
		 * Commands, triggers and tallies, and whether each of them works now
		 * @description For who may look in: commands, store, games, raffles.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly commands: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["CommandSettings"];
								readonly who: string;
								readonly ready: {
									readonly ready: boolean;
									readonly sentence: string;
									readonly more: number;
									readonly fix: {
										readonly page: string;
										readonly label: string;
									} | null;
								};
							}[];
							readonly triggers: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["TriggerSettings"];
								readonly dueAt: number | null;
								readonly who: string;
								readonly ready: {
									readonly ready: boolean;
									readonly sentence: string;
									readonly more: number;
									readonly fix: {
										readonly page: string;
										readonly label: string;
									} | null;
								};
							}[];
							readonly tallies: readonly {
								readonly id: number;
								readonly goneAt: number | null;
								readonly key: string;
								readonly one: string;
								readonly many: string;
								readonly name: string;
								readonly ceiling: number | null;
								readonly passing: boolean;
							}[];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
								readonly rules: {
									readonly hours: number | null;
									readonly shows: {
										readonly least: number;
										readonly of: number;
									} | null;
									readonly followerDays: number | null;
									readonly subscriberMonths: number | null;
									readonly rank: number | null;
								};
								readonly keep: boolean;
								readonly goneAt: number | null;
							}[];
							readonly rewards: readonly {
								readonly id: number;
								readonly name: string;
								/** @enum {string} */
								readonly kind: "hand" | "itself" | "code";
								readonly steps: readonly components["schemas"]["Step"][];
								readonly settings: {
									readonly word: string;
									readonly command: boolean;
									readonly name: string;
								};
							}[];
							readonly alerts: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly outside: readonly {
								readonly id: string;
								readonly name: string;
								readonly price: number | null;
								readonly seenAt: number;
								readonly listed: boolean;
								readonly text: string;
								readonly asks: boolean;
								readonly paused: boolean;
								readonly changeable: boolean;
							}[];
							readonly names: {
								readonly circles: readonly {
									readonly id: number;
									readonly name: string;
								}[];
								readonly ranks: readonly {
									readonly id: number;
									readonly name: string;
								}[];
								readonly people: {
									readonly [key: string]: string;
								};
							};
							readonly standing: {
								readonly muted: boolean;
								readonly silent: readonly string[];
								readonly chatConnected: boolean;
								readonly overlays: number;
								readonly overlaysConnected: number;
								readonly onAir: boolean;
							};
							readonly voice: components["schemas"]["Voice"];
							readonly words: components["schemas"]["ChatWords"];
							readonly games: readonly {
								readonly words: readonly string[];
								readonly name: string;
							}[];
							readonly raffles: readonly {
								readonly words: readonly string[];
								readonly name: string;
							}[];
							readonly setups: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["RaffleSettings"];
								readonly digit: number | null;
								readonly goneAt: number | null;
							}[];
							readonly bets: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["BetSettings"];
								readonly digit: number | null;
								readonly goneAt: number | null;
							}[];
						};
					};
				};
			};
		};
		/**
		 * Make a command
		 * @description For who may change in: commands.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "aliases": [
					 *         "lamp"
					 *       ],
					 *       "description": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "where": "room",
					 *       "onAir": true,
					 *       "cost": 0,
					 *       "limits": {
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0,
					 *         "perViewer": 0,
					 *         "perShow": 0
					 *       },
					 *       "refusals": true,
					 *       "reply": null,
					 *       "arguments": [
					 *         {
					 *           "name": "lamp",
					 *           "kind": "viewer",
					 *           "needed": true,
					 *           "choices": [
					 *             "lamp"
					 *           ],
					 *           "most": 1
					 *         }
					 *       ],
					 *       "steps": [
					 *         {
					 *           "do": "say",
					 *           "text": "lamp"
					 *         }
					 *       ]
					 *     }
					 */
					readonly "application/json": components["schemas"]["CommandSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly command: number;
							readonly settings: components["schemas"]["CommandSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/fields": {
		/**
		 * What the fields of texts tell right now, for somebody present
		 * @description For who may look in: commands, store, raffles, screen.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly values: {
								readonly [key: string]: string;
							};
						};
					};
				};
			};
		};
	};
	readonly "/desk/runs": {
		/**
		 * What ran lately, for whom, and what came of it
		 * @description For who may look in: commands.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description What came of it. */
					readonly outcome?: "done" | "refused" | "failed" | "waiting";
					/** @description The number of a command or trigger. */
					readonly of?: number;
					/** @description Words of its name, or of whom it was for. Only the first 60 characters count. */
					readonly text?: string;
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly runs: readonly {
								readonly id: number;
								readonly at: number;
								readonly endedAt: number | null;
								/** @enum {string} */
								readonly source: "reward" | "command" | "trigger" | "goal";
								readonly of: number;
								readonly name: string;
								readonly viewer: number | null;
								readonly viewerName: string | null;
								/** @enum {string} */
								readonly outcome: "done" | "refused" | "failed" | "waiting";
								readonly why: string | null;
								readonly log: readonly {
									readonly do: string;
									readonly sentence: string;
								}[];
								readonly seed: number | null;
								readonly ms: number | null;
							}[];
							readonly before: number | null;
						};
					};
				};
			};
		};
	};
	readonly "/desk/commands/{id}": {
		/**
		 * Change a command
		 * @description For who may change in: commands.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "aliases": [
					 *         "lamp"
					 *       ],
					 *       "description": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "where": "room",
					 *       "onAir": true,
					 *       "cost": 0,
					 *       "limits": {
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0,
					 *         "perViewer": 0,
					 *         "perShow": 0
					 *       },
					 *       "refusals": true,
					 *       "reply": null,
					 *       "arguments": [
					 *         {
					 *           "name": "lamp",
					 *           "kind": "viewer",
					 *           "needed": true,
					 *           "choices": [
					 *             "lamp"
					 *           ],
					 *           "most": 1
					 *         }
					 *       ],
					 *       "steps": [
					 *         {
					 *           "do": "say",
					 *           "text": "lamp"
					 *         }
					 *       ]
					 *     }
					 */
					readonly "application/json": components["schemas"]["CommandSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly command: number;
							readonly settings: components["schemas"]["CommandSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/commands/{id}/remove": {
		/**
		 * Take a command away
		 * @description For who may change in: commands.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/commands/{id}/switch": {
		/**
		 * Switch a command on or off
		 * @description For who may act in: commands.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "on": true
					 *     }
					 */
					readonly "application/json": {
						readonly on: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly command: number;
							readonly on: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/try": {
		/**
		 * Try a command or trigger on a copy of the channel: nothing is written
		 * @description For who may look in: commands, store.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "what": {
					 *         "kind": "command",
					 *         "id": 1,
					 *         "settings": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ],
					 *           "description": "lamp",
					 *           "group": "lamp",
					 *           "on": true,
					 *           "who": {
					 *             "everyone": true,
					 *             "streamer": true,
					 *             "standings": [
					 *               "follower"
					 *             ],
					 *             "rank": 1,
					 *             "people": [
					 *               1
					 *             ]
					 *           },
					 *           "where": "room",
					 *           "onAir": true,
					 *           "cost": 0,
					 *           "limits": {
					 *             "everyoneSeconds": 0,
					 *             "eachSeconds": 0,
					 *             "perViewer": 0,
					 *             "perShow": 0
					 *           },
					 *           "refusals": true,
					 *           "reply": null,
					 *           "arguments": [
					 *             {
					 *               "name": "lamp",
					 *               "kind": "viewer",
					 *               "needed": true,
					 *               "choices": [
					 *                 "lamp"
					 *               ],
					 *               "most": 1
					 *             }
					 *           ],
					 *           "steps": [
					 *             {
					 *               "do": "say",
					 *               "text": "lamp"
					 *             }
					 *           ]
					 *         },
					 *         "typed": "lamp"
					 *       },
					 *       "as": {
					 *         "viewer": 1
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly what: {
							/** @constant */
							readonly kind: "command";
							readonly id: number | null;
							readonly settings: components["schemas"]["CommandSettings"];
							readonly typed: string;
						} | {
							/** @constant */
							readonly kind: "reward";
							readonly id: number | null;
							readonly settings: components["schemas"]["RewardSettings"];
							readonly typed: string;
						} | {
							/** @constant */
							readonly kind: "trigger";
							readonly id: number | null;
							readonly settings: components["schemas"]["TriggerSettings"];
							readonly figures: {
								readonly [key: string]: string | number;
							};
						};
						readonly as: {
							readonly viewer: number;
						} | {
							/** @enum {string} */
							readonly madeUp: "newcomer" | "follower" | "subscriber" | "moderator";
						};
						readonly onAir?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly outcome: string;
							readonly refusal: {
								readonly code: string;
								readonly sentence: string;
								readonly data?: {
									readonly [key: string]: string | number;
								};
							} | null;
							readonly steps: readonly {
								readonly do: string;
								readonly sentence: string;
							}[];
							readonly lines: readonly {
								readonly to: string | null;
								readonly text: string;
								readonly after: number;
							}[];
							readonly transfers: readonly {
								readonly who: string;
								readonly why: string;
								readonly change: number;
								readonly before: number;
								readonly after: number;
							}[];
							readonly alerts: readonly {
								readonly title: string;
								readonly line: string;
								readonly picture: components["schemas"]["PictureRef"] | null;
								readonly sound: components["schemas"]["SoundRef"];
								readonly volume: number;
								readonly seconds: number;
								/** @enum {string} */
								readonly enter: "slide" | "rise" | "grow" | "fade" | "none";
								/** @enum {string} */
								readonly leave: "slide" | "rise" | "grow" | "fade" | "none";
								/** @enum {string} */
								readonly place: "topLeft" | "top" | "topRight" | "left" | "middle" | "right" | "bottomLeft" | "bottom" | "bottomRight";
								/** @enum {string} */
								readonly layout: "beside" | "above" | "behind";
								readonly alert: number | null;
							}[];
							readonly sounds: readonly string[];
							readonly orders: readonly string[];
							readonly seconds: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/commands/{command}/use": {
		/**
		 * Use a command for real, as if somebody had said it in the room
		 * @description For who may act in: commands.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly command: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "typed": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly viewer: number;
						readonly typed: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly used: {
								readonly run: number;
								/** @enum {string} */
								readonly outcome: "done" | "refused" | "failed" | "waiting";
								readonly refusal?: {
									readonly code: string;
									readonly sentence: string;
									readonly data?: {
										readonly [key: string]: string | number;
									};
								};
							};
						};
					};
				};
			};
		};
	};
	readonly "/desk/voice": {
		/**
		 * Mute the bot or send it out of the room, and say how and of what it speaks
		 * @description For who may act in: show.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly muted?: boolean;
						/** @enum {string} */
						readonly reply?: "plain" | "mention" | "private";
						readonly silent?: readonly ("answers" | "store" | "games" | "raffles" | "bets" | "goals" | "thanks" | "ranks" | "triggers")[];
						readonly hints?: boolean;
						readonly commitments?: boolean;
						readonly out?: boolean;
						readonly withShow?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly muted: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/say": {
		/**
		 * Say something in chat as the bot
		 * @description For who may act in: show.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "text": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly text: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly muted: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/buttons": {
		/**
		 * The buttons of the desk, and whether each works now
		 * @description For who may look in: show.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly buttons: readonly {
								readonly id: number;
								readonly name: string;
								readonly board: string;
								/** @enum {string} */
								readonly colour: "plain" | "brass" | "moss" | "brick";
								readonly confirm: boolean;
								readonly ready: {
									readonly ready: boolean;
									readonly sentence: string;
									readonly more: number;
									readonly fix: {
										readonly page: string;
										readonly label: string;
									} | null;
								};
								readonly restsUntil: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/buttons/{button}/press": {
		/**
		 * Press a button: its steps are run for real
		 * @description For who may act in: show.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly button: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly run?: number;
							readonly outcome?: string;
							readonly refusal?: {
								readonly code: string;
								readonly sentence: string;
								readonly data?: {
									readonly [key: string]: string | number;
								};
							};
							readonly redemption?: number;
						};
					};
				};
			};
		};
	};
	readonly "/commands": {
		/** All commands that viewers can use */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly currency: components["schemas"]["Currency"];
							readonly commands: readonly {
								readonly word: string;
								readonly aliases: readonly string[];
								readonly usage: string;
								readonly does: string;
								readonly group: string;
								readonly who: string;
								readonly cost: number;
								readonly everyoneSeconds: number;
								readonly eachSeconds: number;
								readonly perViewer: number;
								readonly onAir: boolean;
								readonly where: string;
								readonly yours: boolean | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/words": {
		/**
		 * The currency, the words of chat, gifts, and the time zone
		 * @description For who may look in: commands.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly currency: components["schemas"]["Currency"];
							readonly words: components["schemas"]["ChatWords"];
							readonly handing: {
								readonly on: boolean;
								readonly perDay: number;
								readonly reply: string;
							};
							readonly zone: string;
						};
					};
				};
			};
		};
		/**
		 * Change the words of chat
		 * @description For who may change in: commands.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "get": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "rank": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "hours": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "here": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "top": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "longest": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "earners": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "hand": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "give": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "take": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "set": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "fair": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "help": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ],
					 *         "on": true,
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "allowed": [
					 *         "follower"
					 *       ],
					 *       "askOthers": true
					 *     }
					 */
					readonly "application/json": components["schemas"]["ChatWords"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/currency": {
		/**
		 * Rename the currency, its words and its reply
		 * @description For who may change in: commands.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "one": "lamp",
					 *       "many": "lamp",
					 *       "word": "lamp"
					 *     }
					 */
					readonly "application/json": components["schemas"]["Currency"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/handing": {
		/**
		 * Let viewers pass currency on, or not
		 * @description For who may change in: commands.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "on": true,
					 *       "perDay": 1,
					 *       "reply": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly on: boolean;
						readonly perDay: number;
						readonly reply: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/zone": {
		/**
		 * Set the channel’s time zone
		 * @description For who may change in: commands.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "timeZone": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly timeZone: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly timeZone: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/store": {
		/**
		 * The store with its sales, and what tells what to charge
		 * @description For who may look in: store.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly tallies: readonly {
								readonly id: number;
								readonly goneAt: number | null;
								readonly key: string;
								readonly one: string;
								readonly many: string;
								readonly name: string;
								readonly ceiling: number | null;
								readonly passing: boolean;
							}[];
							readonly holdings: {
								readonly people: number;
								readonly steps: readonly number[];
							};
							readonly plan: components["schemas"]["EarningPlan"];
							readonly scheduled: boolean;
							readonly timeZone: string;
							readonly alerts: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["AlertSettings"];
							}[];
							readonly overlays: readonly {
								readonly id: number;
								readonly name: string;
								readonly pieces: readonly components["schemas"]["Piece"][];
								readonly connected: boolean;
							}[];
							readonly onAir: boolean;
							readonly shows: number;
							readonly sales: readonly {
								readonly reward: number;
								readonly name: string;
								readonly price: number;
								readonly sold: number;
							}[];
							readonly rewards: readonly {
								readonly id: number;
								readonly place: number;
								readonly settings: components["schemas"]["RewardSettings"];
								readonly left: number | null;
								readonly sold: {
									readonly total: number;
									readonly show: number;
									readonly day: number;
									readonly week: number;
									readonly month: number;
								};
								readonly codes: {
									readonly count: number;
									readonly given: number;
								};
								readonly who: string;
								readonly hints: readonly string[];
								readonly ready: {
									readonly ready: boolean;
									readonly sentence: string;
									readonly more: number;
									readonly fix: {
										readonly page: string;
										readonly label: string;
									} | null;
								};
							}[];
							readonly archived: readonly {
								readonly id: number;
								readonly name: string;
								readonly goneAt: number | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/rewards": {
		/**
		 * Make a reward
		 * @description For who may change in: store.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "command": true,
					 *       "name": "lamp",
					 *       "description": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "price": 0,
					 *       "tally": {
					 *         "tally": 1,
					 *         "count": 1
					 *       },
					 *       "kind": "hand",
					 *       "picture": "lamp",
					 *       "alert": 1,
					 *       "asks": {
					 *         "of": "nothing"
					 *       },
					 *       "confirm": "lamp",
					 *       "post": {
					 *         "days": 1
					 *       },
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "hours": 0,
					 *       "secret": "lamp",
					 *       "onAir": true,
					 *       "from": 0,
					 *       "to": 0,
					 *       "stock": {
					 *         "all": 1,
					 *         "show": 1,
					 *         "day": 1,
					 *         "week": 1,
					 *         "month": 1
					 *       },
					 *       "refill": 1,
					 *       "lowStock": 0,
					 *       "each": {
					 *         "all": 1,
					 *         "show": 1,
					 *         "day": 1,
					 *         "week": 1,
					 *         "month": 1
					 *       },
					 *       "rest": {
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "perk": {
					 *         "seconds": 60,
					 *         "circle": 1
					 *       },
					 *       "steps": [
					 *         {
					 *           "do": "say",
					 *           "text": "lamp"
					 *         }
					 *       ],
					 *       "say": true,
					 *       "doneText": "lamp",
					 *       "doneTo": "room",
					 *       "low": 0
					 *     }
					 */
					readonly "application/json": components["schemas"]["RewardSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly reward: number;
							readonly settings: components["schemas"]["RewardSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/rewards/{id}": {
		/**
		 * Change a reward
		 * @description For who may change in: store.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "command": true,
					 *       "name": "lamp",
					 *       "description": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "price": 0,
					 *       "tally": {
					 *         "tally": 1,
					 *         "count": 1
					 *       },
					 *       "kind": "hand",
					 *       "picture": "lamp",
					 *       "alert": 1,
					 *       "asks": {
					 *         "of": "nothing"
					 *       },
					 *       "confirm": "lamp",
					 *       "post": {
					 *         "days": 1
					 *       },
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "hours": 0,
					 *       "secret": "lamp",
					 *       "onAir": true,
					 *       "from": 0,
					 *       "to": 0,
					 *       "stock": {
					 *         "all": 1,
					 *         "show": 1,
					 *         "day": 1,
					 *         "week": 1,
					 *         "month": 1
					 *       },
					 *       "refill": 1,
					 *       "lowStock": 0,
					 *       "each": {
					 *         "all": 1,
					 *         "show": 1,
					 *         "day": 1,
					 *         "week": 1,
					 *         "month": 1
					 *       },
					 *       "rest": {
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0
					 *       },
					 *       "perk": {
					 *         "seconds": 60,
					 *         "circle": 1
					 *       },
					 *       "steps": [
					 *         {
					 *           "do": "say",
					 *           "text": "lamp"
					 *         }
					 *       ],
					 *       "say": true,
					 *       "doneText": "lamp",
					 *       "doneTo": "room",
					 *       "low": 0
					 *     }
					 */
					readonly "application/json": components["schemas"]["RewardSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly reward: number;
							readonly settings: components["schemas"]["RewardSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/rewards/{id}/archive": {
		/**
		 * Take a reward away
		 * @description For who may change in: store.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/rewards/{id}/switch": {
		/**
		 * Switch a reward on or off
		 * @description For who may act in: store.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "on": true
					 *     }
					 */
					readonly "application/json": {
						readonly on: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly switched: number;
							readonly on: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rewards/switch": {
		/**
		 * Switch many rewards on or off in one go
		 * @description For who may act in: store.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "rewards": [
					 *         1
					 *       ],
					 *       "on": true
					 *     }
					 */
					readonly "application/json": {
						readonly rewards: readonly number[];
						readonly on: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly switched: number;
							readonly on: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rewards/arrange": {
		/**
		 * Put the rewards in another order
		 * @description For who may change in: store.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "order": [
					 *         1
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly order: readonly number[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/rewards/{id}/refill": {
		/**
		 * Put so many of a reward on the shelf again as its settings say
		 * @description For who may act in: store.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly left: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rewards/{id}/codes": {
		/**
		 * Add codes to a reward’s list
		 * @description For who may change in: store.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "codes": [
					 *         "lamp"
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly codes: readonly string[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly added: number;
							readonly known: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/triggers": {
		/**
		 * Make a trigger
		 * @description For who may change in: commands.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "source": {
					 *         "of": "follow"
					 *       },
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "onAir": true,
					 *       "limits": {
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0,
					 *         "perViewer": 0,
					 *         "perShow": 0
					 *       },
					 *       "steps": [
					 *         {
					 *           "do": "say",
					 *           "text": "lamp"
					 *         }
					 *       ]
					 *     }
					 */
					readonly "application/json": components["schemas"]["TriggerSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly trigger: number;
							readonly settings: components["schemas"]["TriggerSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/triggers/{id}": {
		/**
		 * Change a trigger
		 * @description For who may change in: commands.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "source": {
					 *         "of": "follow"
					 *       },
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "onAir": true,
					 *       "limits": {
					 *         "everyoneSeconds": 0,
					 *         "eachSeconds": 0,
					 *         "perViewer": 0,
					 *         "perShow": 0
					 *       },
					 *       "steps": [
					 *         {
					 *           "do": "say",
					 *           "text": "lamp"
					 *         }
					 *       ]
					 *     }
					 */
					readonly "application/json": components["schemas"]["TriggerSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly trigger: number;
							readonly settings: components["schemas"]["TriggerSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/triggers/{id}/remove": {
		/**
		 * Take a trigger away
		 * @description For who may change in: commands.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/triggers/{id}/switch": {
		/**
		 * Switch a trigger on or off
		 * @description For who may act in: commands.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "on": true
					 *     }
					 */
					readonly "application/json": {
						readonly on: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly trigger: number;
							readonly on: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/triggers/{trigger}/run": {
		/**
		 * Run a trigger for real, as if somebody had set it off
		 * @description For who may act in: commands.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly trigger: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "figures": {}
					 *     }
					 */
					readonly "application/json": {
						readonly viewer: number | null;
						readonly figures: {
							readonly [key: string]: string | number;
						};
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly run?: number;
							readonly outcome?: string;
							readonly refusal?: {
								readonly code: string;
								readonly sentence: string;
								readonly data?: {
									readonly [key: string]: string | number;
								};
							};
							readonly redemption?: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/redemptions": {
		/**
		 * Redemptions of the platform’s own points that wait for a hand
		 * @description For who may look in: waiting.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly redemptions: readonly {
								readonly id: number;
								readonly rewardName: string;
								readonly viewer: number;
								readonly viewerName: string;
								readonly text: string | null;
								readonly at: number;
								readonly trigger: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/redemptions/{redemption}/approve": {
		/**
		 * Approve a redemption: its steps are done, and the platform is told
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly redemption: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly status: string;
							readonly why?: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/redemptions/{redemption}/refuse": {
		/**
		 * Refuse a redemption: the platform gives its points back
		 * @description For who may act in: waiting.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly redemption: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly status: string;
							readonly why?: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/platform-rewards": {
		/**
		 * The rewards of the platform’s own points, as it lists them, and whether they can be changed from here
		 * @description For who may look in: store.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly offered: boolean;
							readonly rewards: readonly {
								readonly id: string;
								readonly name: string;
								readonly price: number | null;
								readonly seenAt: number;
								readonly listed: boolean;
								readonly text: string;
								readonly asks: boolean;
								readonly paused: boolean;
								readonly changeable: boolean;
								readonly trigger: string | null;
							}[];
						};
					};
				};
			};
		};
		/**
		 * Have the platform make a reward of its own points
		 * @description For who may change in: store.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "price": 1,
					 *       "text": "lamp",
					 *       "asks": true,
					 *       "paused": true,
					 *       "icon": null
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly price: number;
						readonly text: string;
						readonly asks: boolean;
						readonly paused: boolean;
						readonly icon: null | string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly id: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/platform-rewards/{outside}": {
		/**
		 * Have the platform change one of its own rewards: its name, price, text, icon, or whether it rests
		 * @description For who may change in: store.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly outside: string;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "price": 1,
					 *       "text": "lamp",
					 *       "asks": true,
					 *       "paused": true,
					 *       "icon": null
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly price: number;
						readonly text: string;
						readonly asks: boolean;
						readonly paused: boolean;
						readonly icon: null | string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly id: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/platform-rewards/{outside}/remove": {
		/**
		 * Have the platform remove one of its own rewards
		 * @description For who may change in: store.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly outside: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/tallies": {
		/**
		 * Make a tally
		 * @description For who may change in: commands.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "one": "lamp",
					 *       "many": "lamp",
					 *       "key": "lamp",
					 *       "ceiling": 1,
					 *       "passing": true
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly one: string;
						readonly many: string;
						readonly key: string;
						readonly ceiling: number | null;
						readonly passing: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly tally: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/tallies/{id}": {
		/**
		 * Change a tally
		 * @description For who may change in: commands.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "one": "lamp",
					 *       "many": "lamp",
					 *       "key": "lamp",
					 *       "ceiling": 1,
					 *       "passing": true
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly one: string;
						readonly many: string;
						readonly key: string;
						readonly ceiling: number | null;
						readonly passing: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly tally: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/tallies/{id}/close": {
		/**
		 * Take a tally away
		 * @description For who may change in: commands.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/tallies/{tally}/counts": {
		/**
		 * Who has how much of a tally
		 * @description For who may look in: people, commands.
		 */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly tally: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly counts: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly total: number;
								readonly show: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/tallies/{tally}/correct": {
		/**
		 * Correct somebody’s tally by hand
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly tally: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "how": "add",
					 *       "amount": 0
					 *     }
					 */
					readonly "application/json": {
						readonly viewer: number;
						/** @enum {string} */
						readonly how: "add" | "take" | "set";
						readonly amount: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly before: number;
							readonly after: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/commands/several": {
		/**
		 * Make several commands at once
		 * @description For who may change in: commands.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "commands": [
					 *         {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ],
					 *           "description": "lamp",
					 *           "group": "lamp",
					 *           "on": true,
					 *           "who": {
					 *             "everyone": true,
					 *             "streamer": true,
					 *             "standings": [
					 *               "follower"
					 *             ],
					 *             "rank": 1,
					 *             "people": [
					 *               1
					 *             ]
					 *           },
					 *           "where": "room",
					 *           "onAir": true,
					 *           "cost": 0,
					 *           "limits": {
					 *             "everyoneSeconds": 0,
					 *             "eachSeconds": 0,
					 *             "perViewer": 0,
					 *             "perShow": 0
					 *           },
					 *           "refusals": true,
					 *           "reply": null,
					 *           "arguments": [
					 *             {
					 *               "name": "lamp",
					 *               "kind": "viewer",
					 *               "needed": true,
					 *               "choices": [
					 *                 "lamp"
					 *               ],
					 *               "most": 1
					 *             }
					 *           ],
					 *           "steps": [
					 *             {
					 *               "do": "say",
					 *               "text": "lamp"
					 *             }
					 *           ]
					 *         }
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly commands: readonly components["schemas"]["CommandSettings"][];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly commands: readonly number[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/team": {
		/**
		 * Who may use the desk, and the invitations that are open
		 * @description For who may look in: team.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly owner: string;
							readonly members: readonly {
								readonly id: number;
								readonly account: string;
								readonly name: string;
								readonly rights: {
									readonly areas: {
										/** @enum {string} */
										readonly show: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly waiting: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly people: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly earning: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly ranks: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly commands: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly store: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly games: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly raffles: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly bets: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly screen: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly connections: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly team: "none" | "look" | "act" | "change";
									};
									readonly mostAdjusted: number | null;
								};
								readonly owner: boolean;
								readonly by: string;
								readonly since: number;
								readonly until: number | null;
							}[];
							readonly invitations: readonly {
								readonly id: number;
								readonly whom: string;
								readonly account: string | null;
								readonly rights: {
									readonly areas: {
										/** @enum {string} */
										readonly show: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly waiting: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly people: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly earning: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly ranks: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly commands: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly store: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly games: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly raffles: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly bets: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly screen: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly connections: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly team: "none" | "look" | "act" | "change";
									};
									readonly mostAdjusted: number | null;
								};
								readonly by: string;
								readonly expiresAt: number;
								readonly until: number | null;
							}[];
							readonly now: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/team/invitations": {
		/**
		 * Make a link by which one person can join the team within a week
		 * @description For who may act in: team.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "whom": "lamp",
					 *       "account": "lamp",
					 *       "rights": {
					 *         "areas": {
					 *           "show": "none",
					 *           "waiting": "none",
					 *           "people": "none",
					 *           "earning": "none",
					 *           "ranks": "none",
					 *           "commands": "none",
					 *           "store": "none",
					 *           "games": "none",
					 *           "raffles": "none",
					 *           "bets": "none",
					 *           "screen": "none",
					 *           "connections": "none",
					 *           "team": "none"
					 *         },
					 *         "mostAdjusted": 0
					 *       },
					 *       "until": 0
					 *     }
					 */
					readonly "application/json": {
						readonly whom: string;
						readonly account: string | null;
						readonly rights: {
							readonly areas: {
								/** @enum {string} */
								readonly show: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly waiting: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly people: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly earning: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly ranks: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly commands: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly store: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly games: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly raffles: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly bets: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly screen: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly connections: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly team: "none" | "look" | "act" | "change";
							};
							readonly mostAdjusted: number | null;
						};
						readonly until: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly invitation: number;
							readonly secret: string;
							readonly expiresAt: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/team/invitations/{id}/take-back": {
		/**
		 * Take an invitation back
		 * @description For who may act in: team.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/team/{id}": {
		/**
		 * Change what somebody of the team may do, and up to when
		 * @description For who may change in: team.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "rights": {
					 *         "areas": {
					 *           "show": "none",
					 *           "waiting": "none",
					 *           "people": "none",
					 *           "earning": "none",
					 *           "ranks": "none",
					 *           "commands": "none",
					 *           "store": "none",
					 *           "games": "none",
					 *           "raffles": "none",
					 *           "bets": "none",
					 *           "screen": "none",
					 *           "connections": "none",
					 *           "team": "none"
					 *         },
					 *         "mostAdjusted": 0
					 *       },
					 *       "until": 0
					 *     }
					 */
					readonly "application/json": {
						readonly rights: {
							readonly areas: {
								/** @enum {string} */
								readonly show: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly waiting: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly people: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly earning: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly ranks: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly commands: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly store: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly games: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly raffles: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly bets: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly screen: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly connections: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly team: "none" | "look" | "act" | "change";
							};
							readonly mostAdjusted: number | null;
						};
						readonly until: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/team/{id}/owner": {
		/**
		 * Make somebody of the team one of the owners, or not any more
		 * @description For who may change in: team.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "owner": true
					 *     }
					 */
					readonly "application/json": {
						readonly owner: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/team/{id}/end": {
		/**
		 * Take somebody out of the team: what they have open at the desk closes at once
		 * @description For who may change in: team.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/leave": {
		/**
		 * Leave the team by oneself
		 * @description For all of the team.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/join/look": {
		/** What an invitation offers, for whoever has its link */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "secret": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly secret: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly channel: {
								readonly slug: string;
								readonly name: string;
							};
							readonly by: string;
							readonly rights: {
								readonly areas: {
									/** @enum {string} */
									readonly show: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly waiting: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly people: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly earning: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly ranks: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly commands: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly store: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly games: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly raffles: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly bets: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly screen: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly connections: "none" | "look" | "act" | "change";
									/** @enum {string} */
									readonly team: "none" | "look" | "act" | "change";
								};
								readonly mostAdjusted: number | null;
							};
							readonly until: number | null;
						};
					};
				};
			};
		};
	};
	readonly "/join": {
		/** Join the team by an invitation, which is used up by it */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "secret": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly secret: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/tokens": {
		/**
		 * The tokens of scripts and button boxes
		 * @description For who may look in: team.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly tokens: readonly {
								readonly id: number;
								readonly name: string;
								readonly rights: {
									readonly areas: {
										/** @enum {string} */
										readonly show: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly waiting: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly people: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly earning: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly ranks: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly commands: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly store: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly games: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly raffles: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly bets: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly screen: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly connections: "none" | "look" | "act" | "change";
										/** @enum {string} */
										readonly team: "none" | "look" | "act" | "change";
									};
									readonly mostAdjusted: number | null;
								};
								readonly by: string;
								readonly madeAt: number;
								readonly until: number | null;
								readonly usedAt: number | null;
							}[];
						};
					};
				};
			};
		};
		/**
		 * Make a token: it is told once
		 * @description For who may change in: team.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "rights": {
					 *         "areas": {
					 *           "show": "none",
					 *           "waiting": "none",
					 *           "people": "none",
					 *           "earning": "none",
					 *           "ranks": "none",
					 *           "commands": "none",
					 *           "store": "none",
					 *           "games": "none",
					 *           "raffles": "none",
					 *           "bets": "none",
					 *           "screen": "none",
					 *           "connections": "none",
					 *           "team": "none"
					 *         },
					 *         "mostAdjusted": 0
					 *       },
					 *       "until": 0
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly rights: {
							readonly areas: {
								/** @enum {string} */
								readonly show: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly waiting: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly people: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly earning: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly ranks: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly commands: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly store: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly games: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly raffles: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly bets: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly screen: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly connections: "none" | "look" | "act" | "change";
								/** @enum {string} */
								readonly team: "none" | "look" | "act" | "change";
							};
							readonly mostAdjusted: number | null;
						};
						readonly until: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly token: number;
							readonly secret: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/tokens/{id}/revoke": {
		/**
		 * Take a token out of use: what calls with it is refused at once
		 * @description For who may change in: team.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/changes": {
		/**
		 * Who changed which setting, from what to what, the latest first, page by page
		 * @description For who may look in: team.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
					/** @description Of this account only. Only the first 100 characters count. */
					readonly account?: string;
					/** @description Of this area only. */
					readonly area?: "show" | "waiting" | "people" | "earning" | "ranks" | "commands" | "store" | "games" | "raffles" | "bets" | "screen" | "connections" | "team";
					/** @description What was changed has this in its name. Only the first 60 characters count. */
					readonly text?: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly changes: readonly {
								readonly id: number;
								readonly at: number;
								readonly by: string;
								readonly of: string;
								readonly what: string;
								readonly name: string;
								readonly before: {
									readonly [key: string]: unknown;
								} | null;
								readonly after: {
									readonly [key: string]: unknown;
								} | null;
								readonly restorable: boolean;
							}[];
							readonly before: number | null;
						};
					};
				};
			};
		};
	};
	readonly "/desk/changes/{id}/undo": {
		/**
		 * Set something back to what it was before a change, while nothing newer changed it: what was added is removed, some of what was removed is added again
		 * @description For who may change in: show, waiting, people, earning, ranks, commands, store, games, raffles, bets, screen, connections, team.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/forms": {
		/**
		 * Say which forms are open, and hear who else has one of them open
		 * @description For all of the team.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "forms": [
					 *         "lamp"
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly forms: readonly string[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly others: readonly {
								readonly form: string;
								readonly name: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/games": {
		/** The games: how they are played, what is on, and the last numbers of the wheel */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly currency: components["schemas"]["Currency"];
							readonly games: {
								readonly heist?: components["schemas"]["HeistSettings"];
								readonly duel?: components["schemas"]["DuelSettings"];
								readonly roulette?: components["schemas"]["RouletteSettings"];
								readonly reels?: components["schemas"]["ReelsSettings"];
								readonly coin?: components["schemas"]["CoinSettings"];
								readonly cup?: components["schemas"]["CupSettings"];
								readonly scramble?: components["schemas"]["ScrambleSettings"];
								readonly boss?: components["schemas"]["BossSettings"];
							};
							readonly words: components["schemas"]["DuelSettings"];
							readonly wagering: components["schemas"]["Wagering"];
							readonly rounds: readonly {
								readonly id: number;
								/** @enum {string} */
								readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
								/** @enum {string} */
								readonly status: "settled" | "opened" | "gathering" | "running" | "off";
								readonly openedAt: number;
								readonly openerName: string | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly nextAt: number | null;
								readonly seats: number;
								readonly staked: number;
								readonly paid: number;
								readonly state: {
									/** @constant */
									readonly of: "heist";
									readonly site: components["schemas"]["HeistSite"] | null;
									readonly step: number;
									readonly drawn: number;
									readonly inside: number;
								} | {
									/** @constant */
									readonly of: "duel";
									readonly challenger: {
										readonly id: number;
										readonly name: string;
									};
									readonly challenged: {
										readonly id: number;
										readonly name: string;
									} | null;
									readonly stake: number;
									readonly rakeBp: number;
									readonly winner: number | null;
								} | {
									/** @constant */
									readonly of: "roulette";
									readonly pays: readonly number[];
									readonly number: number | null;
								} | {
									/** @constant */
									readonly of: "reels";
									readonly machine: {
										readonly strip: readonly {
											readonly symbol: string;
											readonly weight: number;
										}[];
										readonly table: readonly {
											/** @enum {string} */
											readonly match: "three" | "two";
											readonly symbol: string;
											readonly multiplier: number;
										}[];
									};
									readonly shown: readonly string[];
								} | {
									/** @constant */
									readonly of: "coin";
									readonly multiplier: number;
									/** @enum {string} */
									readonly called: "heads" | "tails";
									/** @enum {string} */
									readonly side: "heads" | "tails";
								} | {
									/** @constant */
									readonly of: "cup";
									readonly rules: {
										readonly name: string;
										readonly places: number;
										readonly kept: {
											readonly places: number;
											readonly who: components["schemas"]["Who"];
											readonly before: boolean;
										};
										readonly stake: number;
										readonly prize: number;
										readonly second: number;
										readonly bestOf: 1 | 3;
										readonly signUpSeconds: number;
										readonly matchSeconds: number;
									};
									readonly entrants: readonly {
										readonly id: number;
										readonly name: string;
										readonly seat: number;
										readonly kept: boolean;
									}[];
									readonly drawnFrom: readonly number[];
									readonly order: readonly number[];
									readonly matches: readonly {
										readonly id: number;
										readonly level: number;
										readonly a: number | null;
										readonly b: number | null;
										readonly ready: readonly number[];
										readonly games: readonly number[];
										readonly winner: number | null;
										readonly how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									readonly current: number | null;
								} | {
									/** @constant */
									readonly of: "scramble";
									readonly stake: number;
									readonly adds: number;
									readonly rakeBp: number;
									readonly sharesPpm: readonly number[];
									readonly wave: number;
									readonly left: number;
								} | {
									/** @constant */
									readonly of: "boss";
									readonly name: string;
									readonly picture: string;
									readonly strength: {
										readonly ownPpm: number;
										readonly bonusPpm: number;
										readonly capPpm: number;
										readonly blows: number;
										readonly needPpm: number;
										readonly multiplier: number;
										readonly lastBlowBonus: number;
									};
									readonly needed: number;
									readonly hits: number;
									readonly step: number;
									readonly lastBlow: number | null;
								};
								readonly endedAt: number | null;
								readonly why: string | null;
								readonly crew: readonly {
									readonly viewer: number;
									readonly name: string;
									readonly stake: number;
									readonly plan: {
										readonly leaveAfter?: number;
										readonly on?: {
											/** @constant */
											readonly on: "number";
											readonly number: number;
										} | {
											/** @enum {string} */
											readonly on: "dozen" | "column";
											readonly which: 1 | 2 | 3;
										} | {
											/** @enum {string} */
											readonly on: "red" | "black" | "low" | "odd" | "even" | "high";
										};
										readonly hits?: number;
									};
									/** @enum {string} */
									readonly state: "in" | "out" | "caught" | "won" | "lost" | "back";
									readonly room: number | null;
									readonly paid: number;
									readonly round: number;
								}[];
							}[];
							readonly last: readonly number[];
						};
					};
				};
			};
		};
	};
	readonly "/games/play": {
		/** Play: the same as in chat */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "do": "heist",
					 *       "stake": "lamp",
					 *       "leaveAfter": 1
					 *     }
					 */
					readonly "application/json": {
						/** @constant */
						readonly do: "heist";
						readonly stake: string;
						readonly leaveAfter: number | null;
					} | {
						/** @constant */
						readonly do: "out";
					} | {
						/** @constant */
						readonly do: "duel";
						readonly stake: string;
						readonly challenged: number | null;
					} | {
						/** @constant */
						readonly do: "take";
						readonly duel?: number;
					} | {
						/** @constant */
						readonly do: "pass";
					} | {
						/** @constant */
						readonly do: "withdraw";
					} | {
						/** @constant */
						readonly do: "roulette";
						readonly bets: string;
					} | {
						/** @constant */
						readonly do: "reels";
						readonly stake: string;
					} | {
						/** @constant */
						readonly do: "coin";
						readonly stake: string;
						/** @enum {string} */
						readonly side: "heads" | "tails";
					} | {
						/** @constant */
						readonly do: "cup";
					} | {
						/** @constant */
						readonly do: "scramble";
					} | {
						/** @constant */
						readonly do: "boss";
						readonly stake: string;
					} | {
						/** @constant */
						readonly do: "sitout";
						readonly seconds: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly balance: number;
							readonly round: number | null;
							readonly told: string;
						};
					};
				};
			};
		};
	};
	readonly "/games/opponents": {
		/** Who can be called to a duel, by the beginning of a name */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description How the name begins. Only the first 40 characters count. */
					readonly name?: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly people: readonly {
								readonly id: number;
								readonly name: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/rounds": {
		/** The rounds that ended last */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The rounds of one game alone. */
					readonly game?: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly rounds: readonly {
								readonly id: number;
								/** @enum {string} */
								readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
								/** @enum {string} */
								readonly status: "settled" | "opened" | "gathering" | "running" | "off";
								readonly openedAt: number;
								readonly openerName: string | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly nextAt: number | null;
								readonly seats: number;
								readonly staked: number;
								readonly paid: number;
								readonly state: {
									/** @constant */
									readonly of: "heist";
									readonly site: components["schemas"]["HeistSite"] | null;
									readonly step: number;
									readonly drawn: number;
									readonly inside: number;
								} | {
									/** @constant */
									readonly of: "duel";
									readonly challenger: {
										readonly id: number;
										readonly name: string;
									};
									readonly challenged: {
										readonly id: number;
										readonly name: string;
									} | null;
									readonly stake: number;
									readonly rakeBp: number;
									readonly winner: number | null;
								} | {
									/** @constant */
									readonly of: "roulette";
									readonly pays: readonly number[];
									readonly number: number | null;
								} | {
									/** @constant */
									readonly of: "reels";
									readonly machine: {
										readonly strip: readonly {
											readonly symbol: string;
											readonly weight: number;
										}[];
										readonly table: readonly {
											/** @enum {string} */
											readonly match: "three" | "two";
											readonly symbol: string;
											readonly multiplier: number;
										}[];
									};
									readonly shown: readonly string[];
								} | {
									/** @constant */
									readonly of: "coin";
									readonly multiplier: number;
									/** @enum {string} */
									readonly called: "heads" | "tails";
									/** @enum {string} */
									readonly side: "heads" | "tails";
								} | {
									/** @constant */
									readonly of: "cup";
									readonly rules: {
										readonly name: string;
										readonly places: number;
										readonly kept: {
											readonly places: number;
											readonly who: components["schemas"]["Who"];
											readonly before: boolean;
										};
										readonly stake: number;
										readonly prize: number;
										readonly second: number;
										readonly bestOf: 1 | 3;
										readonly signUpSeconds: number;
										readonly matchSeconds: number;
									};
									readonly entrants: readonly {
										readonly id: number;
										readonly name: string;
										readonly seat: number;
										readonly kept: boolean;
									}[];
									readonly drawnFrom: readonly number[];
									readonly order: readonly number[];
									readonly matches: readonly {
										readonly id: number;
										readonly level: number;
										readonly a: number | null;
										readonly b: number | null;
										readonly ready: readonly number[];
										readonly games: readonly number[];
										readonly winner: number | null;
										readonly how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									readonly current: number | null;
								} | {
									/** @constant */
									readonly of: "scramble";
									readonly stake: number;
									readonly adds: number;
									readonly rakeBp: number;
									readonly sharesPpm: readonly number[];
									readonly wave: number;
									readonly left: number;
								} | {
									/** @constant */
									readonly of: "boss";
									readonly name: string;
									readonly picture: string;
									readonly strength: {
										readonly ownPpm: number;
										readonly bonusPpm: number;
										readonly capPpm: number;
										readonly blows: number;
										readonly needPpm: number;
										readonly multiplier: number;
										readonly lastBlowBonus: number;
									};
									readonly needed: number;
									readonly hits: number;
									readonly step: number;
									readonly lastBlow: number | null;
								};
								readonly endedAt: number | null;
								readonly why: string | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/rounds/{round}": {
		/** One round with everybody in it; its seed once it has ended */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly round: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly id: number;
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							/** @enum {string} */
							readonly status: "settled" | "opened" | "gathering" | "running" | "off";
							readonly openedAt: number;
							readonly openerName: string | null;
							readonly commitment: string;
							/** @enum {string} */
							readonly seedOrigin: "own" | "channel";
							readonly nextAt: number | null;
							readonly seats: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly stake: number;
								readonly plan: {
									readonly leaveAfter?: number;
									readonly on?: {
										/** @constant */
										readonly on: "number";
										readonly number: number;
									} | {
										/** @enum {string} */
										readonly on: "dozen" | "column";
										readonly which: 1 | 2 | 3;
									} | {
										/** @enum {string} */
										readonly on: "red" | "black" | "low" | "odd" | "even" | "high";
									};
									readonly hits?: number;
								};
								/** @enum {string} */
								readonly state: "in" | "out" | "caught" | "won" | "lost" | "back";
								readonly room: number | null;
								readonly paid: number;
							}[];
							readonly staked: number;
							readonly paid: number;
							readonly state: {
								/** @constant */
								readonly of: "heist";
								readonly site: components["schemas"]["HeistSite"] | null;
								readonly step: number;
								readonly drawn: number;
								readonly inside: number;
							} | {
								/** @constant */
								readonly of: "duel";
								readonly challenger: {
									readonly id: number;
									readonly name: string;
								};
								readonly challenged: {
									readonly id: number;
									readonly name: string;
								} | null;
								readonly stake: number;
								readonly rakeBp: number;
								readonly winner: number | null;
							} | {
								/** @constant */
								readonly of: "roulette";
								readonly pays: readonly number[];
								readonly number: number | null;
							} | {
								/** @constant */
								readonly of: "reels";
								readonly machine: {
									readonly strip: readonly {
										readonly symbol: string;
										readonly weight: number;
									}[];
									readonly table: readonly {
										/** @enum {string} */
										readonly match: "three" | "two";
										readonly symbol: string;
										readonly multiplier: number;
									}[];
								};
								readonly shown: readonly string[];
							} | {
								/** @constant */
								readonly of: "coin";
								readonly multiplier: number;
								/** @enum {string} */
								readonly called: "heads" | "tails";
								/** @enum {string} */
								readonly side: "heads" | "tails";
							} | {
								/** @constant */
								readonly of: "cup";
								readonly rules: {
									readonly name: string;
									readonly places: number;
									readonly kept: {
										readonly places: number;
										readonly who: components["schemas"]["Who"];
										readonly before: boolean;
									};
									readonly stake: number;
									readonly prize: number;
									readonly second: number;
									readonly bestOf: 1 | 3;
									readonly signUpSeconds: number;
									readonly matchSeconds: number;
								};
								readonly entrants: readonly {
									readonly id: number;
									readonly name: string;
									readonly seat: number;
									readonly kept: boolean;
								}[];
								readonly drawnFrom: readonly number[];
								readonly order: readonly number[];
								readonly matches: readonly {
									readonly id: number;
									readonly level: number;
									readonly a: number | null;
									readonly b: number | null;
									readonly ready: readonly number[];
									readonly games: readonly number[];
									readonly winner: number | null;
									readonly how: ("played" | "walkover" | "bye" | "lot") | null;
								}[];
								readonly current: number | null;
							} | {
								/** @constant */
								readonly of: "scramble";
								readonly stake: number;
								readonly adds: number;
								readonly rakeBp: number;
								readonly sharesPpm: readonly number[];
								readonly wave: number;
								readonly left: number;
							} | {
								/** @constant */
								readonly of: "boss";
								readonly name: string;
								readonly picture: string;
								readonly strength: {
									readonly ownPpm: number;
									readonly bonusPpm: number;
									readonly capPpm: number;
									readonly blows: number;
									readonly needPpm: number;
									readonly multiplier: number;
									readonly lastBlowBonus: number;
								};
								readonly needed: number;
								readonly hits: number;
								readonly step: number;
								readonly lastBlow: number | null;
							};
							readonly endedAt: number | null;
							readonly why: string | null;
							readonly seed: string | null;
						};
					};
				};
			};
		};
	};
	readonly "/rounds/{round}/file": {
		/** The same as a file, to check with other means */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly round: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly id: number;
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							/** @enum {string} */
							readonly status: "settled" | "opened" | "gathering" | "running" | "off";
							readonly openedAt: number;
							readonly openerName: string | null;
							readonly commitment: string;
							/** @enum {string} */
							readonly seedOrigin: "own" | "channel";
							readonly nextAt: number | null;
							readonly seats: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly stake: number;
								readonly plan: {
									readonly leaveAfter?: number;
									readonly on?: {
										/** @constant */
										readonly on: "number";
										readonly number: number;
									} | {
										/** @enum {string} */
										readonly on: "dozen" | "column";
										readonly which: 1 | 2 | 3;
									} | {
										/** @enum {string} */
										readonly on: "red" | "black" | "low" | "odd" | "even" | "high";
									};
									readonly hits?: number;
								};
								/** @enum {string} */
								readonly state: "in" | "out" | "caught" | "won" | "lost" | "back";
								readonly room: number | null;
								readonly paid: number;
							}[];
							readonly staked: number;
							readonly paid: number;
							readonly state: {
								/** @constant */
								readonly of: "heist";
								readonly site: components["schemas"]["HeistSite"] | null;
								readonly step: number;
								readonly drawn: number;
								readonly inside: number;
							} | {
								/** @constant */
								readonly of: "duel";
								readonly challenger: {
									readonly id: number;
									readonly name: string;
								};
								readonly challenged: {
									readonly id: number;
									readonly name: string;
								} | null;
								readonly stake: number;
								readonly rakeBp: number;
								readonly winner: number | null;
							} | {
								/** @constant */
								readonly of: "roulette";
								readonly pays: readonly number[];
								readonly number: number | null;
							} | {
								/** @constant */
								readonly of: "reels";
								readonly machine: {
									readonly strip: readonly {
										readonly symbol: string;
										readonly weight: number;
									}[];
									readonly table: readonly {
										/** @enum {string} */
										readonly match: "three" | "two";
										readonly symbol: string;
										readonly multiplier: number;
									}[];
								};
								readonly shown: readonly string[];
							} | {
								/** @constant */
								readonly of: "coin";
								readonly multiplier: number;
								/** @enum {string} */
								readonly called: "heads" | "tails";
								/** @enum {string} */
								readonly side: "heads" | "tails";
							} | {
								/** @constant */
								readonly of: "cup";
								readonly rules: {
									readonly name: string;
									readonly places: number;
									readonly kept: {
										readonly places: number;
										readonly who: components["schemas"]["Who"];
										readonly before: boolean;
									};
									readonly stake: number;
									readonly prize: number;
									readonly second: number;
									readonly bestOf: 1 | 3;
									readonly signUpSeconds: number;
									readonly matchSeconds: number;
								};
								readonly entrants: readonly {
									readonly id: number;
									readonly name: string;
									readonly seat: number;
									readonly kept: boolean;
								}[];
								readonly drawnFrom: readonly number[];
								readonly order: readonly number[];
								readonly matches: readonly {
									readonly id: number;
									readonly level: number;
									readonly a: number | null;
									readonly b: number | null;
									readonly ready: readonly number[];
									readonly games: readonly number[];
									readonly winner: number | null;
									readonly how: ("played" | "walkover" | "bye" | "lot") | null;
								}[];
								readonly current: number | null;
							} | {
								/** @constant */
								readonly of: "scramble";
								readonly stake: number;
								readonly adds: number;
								readonly rakeBp: number;
								readonly sharesPpm: readonly number[];
								readonly wave: number;
								readonly left: number;
							} | {
								/** @constant */
								readonly of: "boss";
								readonly name: string;
								readonly picture: string;
								readonly strength: {
									readonly ownPpm: number;
									readonly bonusPpm: number;
									readonly capPpm: number;
									readonly blows: number;
									readonly needPpm: number;
									readonly multiplier: number;
									readonly lastBlowBonus: number;
								};
								readonly needed: number;
								readonly hits: number;
								readonly step: number;
								readonly lastBlow: number | null;
							};
							readonly endedAt: number | null;
							readonly why: string | null;
							readonly seed: string | null;
						};
					};
				};
			};
		};
	};
	readonly "/me/games": {
		/** What the caller staked and won */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly viewer: number | null;
							readonly sitsOutUntil: number;
							readonly rounds: number;
							readonly staked: number;
							readonly paid: number;
							readonly seats: readonly {
								readonly round: number;
								/** @enum {string} */
								readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
								readonly stake: number;
								readonly paid: number;
								/** @enum {string} */
								readonly state: "in" | "out" | "caught" | "won" | "lost" | "back";
								readonly at: number;
								readonly plan: {
									readonly leaveAfter?: number;
									readonly on?: {
										/** @constant */
										readonly on: "number";
										readonly number: number;
									} | {
										/** @enum {string} */
										readonly on: "dozen" | "column";
										readonly which: 1 | 2 | 3;
									} | {
										/** @enum {string} */
										readonly on: "red" | "black" | "low" | "odd" | "even" | "high";
									};
									readonly hits?: number;
								};
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games": {
		/**
		 * How every game is set, what is on, and what was staked and paid in 30 days
		 * @description For who may look in: games.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly settings: {
								readonly heist: components["schemas"]["HeistSettings"];
								readonly duel: components["schemas"]["DuelSettings"];
								readonly roulette: components["schemas"]["RouletteSettings"];
								readonly reels: components["schemas"]["ReelsSettings"];
								readonly coin: components["schemas"]["CoinSettings"];
								readonly cup: components["schemas"]["CupSettings"];
								readonly scramble: components["schemas"]["ScrambleSettings"];
								readonly boss: components["schemas"]["BossSettings"];
							};
							readonly wagering: components["schemas"]["Wagering"];
							readonly texts: {
								readonly [key: string]: readonly string[];
							};
							readonly lately: {
								readonly games: readonly {
									/** @enum {string} */
									readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
									readonly rounds: number;
									readonly staked: number;
									readonly paid: number;
								}[];
								readonly shows: number;
							};
							readonly rounds: readonly {
								readonly id: number;
								/** @enum {string} */
								readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
								/** @enum {string} */
								readonly status: "settled" | "opened" | "gathering" | "running" | "off";
								readonly openedAt: number;
								readonly openerName: string | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly nextAt: number | null;
								readonly seats: number;
								readonly staked: number;
								readonly paid: number;
								readonly state: {
									/** @constant */
									readonly of: "heist";
									readonly site: components["schemas"]["HeistSite"] | null;
									readonly step: number;
									readonly drawn: number;
									readonly inside: number;
								} | {
									/** @constant */
									readonly of: "duel";
									readonly challenger: {
										readonly id: number;
										readonly name: string;
									};
									readonly challenged: {
										readonly id: number;
										readonly name: string;
									} | null;
									readonly stake: number;
									readonly rakeBp: number;
									readonly winner: number | null;
								} | {
									/** @constant */
									readonly of: "roulette";
									readonly pays: readonly number[];
									readonly number: number | null;
								} | {
									/** @constant */
									readonly of: "reels";
									readonly machine: {
										readonly strip: readonly {
											readonly symbol: string;
											readonly weight: number;
										}[];
										readonly table: readonly {
											/** @enum {string} */
											readonly match: "three" | "two";
											readonly symbol: string;
											readonly multiplier: number;
										}[];
									};
									readonly shown: readonly string[];
								} | {
									/** @constant */
									readonly of: "coin";
									readonly multiplier: number;
									/** @enum {string} */
									readonly called: "heads" | "tails";
									/** @enum {string} */
									readonly side: "heads" | "tails";
								} | {
									/** @constant */
									readonly of: "cup";
									readonly rules: {
										readonly name: string;
										readonly places: number;
										readonly kept: {
											readonly places: number;
											readonly who: components["schemas"]["Who"];
											readonly before: boolean;
										};
										readonly stake: number;
										readonly prize: number;
										readonly second: number;
										readonly bestOf: 1 | 3;
										readonly signUpSeconds: number;
										readonly matchSeconds: number;
									};
									readonly entrants: readonly {
										readonly id: number;
										readonly name: string;
										readonly seat: number;
										readonly kept: boolean;
									}[];
									readonly drawnFrom: readonly number[];
									readonly order: readonly number[];
									readonly matches: readonly {
										readonly id: number;
										readonly level: number;
										readonly a: number | null;
										readonly b: number | null;
										readonly ready: readonly number[];
										readonly games: readonly number[];
										readonly winner: number | null;
										readonly how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									readonly current: number | null;
								} | {
									/** @constant */
									readonly of: "scramble";
									readonly stake: number;
									readonly adds: number;
									readonly rakeBp: number;
									readonly sharesPpm: readonly number[];
									readonly wave: number;
									readonly left: number;
								} | {
									/** @constant */
									readonly of: "boss";
									readonly name: string;
									readonly picture: string;
									readonly strength: {
										readonly ownPpm: number;
										readonly bonusPpm: number;
										readonly capPpm: number;
										readonly blows: number;
										readonly needPpm: number;
										readonly multiplier: number;
										readonly lastBlowBonus: number;
									};
									readonly needed: number;
									readonly hits: number;
									readonly step: number;
									readonly lastBlow: number | null;
								};
								readonly endedAt: number | null;
								readonly why: string | null;
								readonly crew: readonly {
									readonly viewer: number;
									readonly name: string;
									readonly stake: number;
									readonly plan: {
										readonly leaveAfter?: number;
										readonly on?: {
											/** @constant */
											readonly on: "number";
											readonly number: number;
										} | {
											/** @enum {string} */
											readonly on: "dozen" | "column";
											readonly which: 1 | 2 | 3;
										} | {
											/** @enum {string} */
											readonly on: "red" | "black" | "low" | "odd" | "even" | "high";
										};
										readonly hits?: number;
									};
									/** @enum {string} */
									readonly state: "in" | "out" | "caught" | "won" | "lost" | "back";
									readonly room: number | null;
									readonly paid: number;
									readonly round: number;
								}[];
							}[];
							readonly last: readonly number[];
							readonly currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/rounds": {
		/**
		 * The rounds that are on
		 * @description For who may look in: games, show.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly rounds: readonly {
								readonly id: number;
								/** @enum {string} */
								readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
								/** @enum {string} */
								readonly status: "settled" | "opened" | "gathering" | "running" | "off";
								readonly openedAt: number;
								readonly openerName: string | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly nextAt: number | null;
								readonly seats: number;
								readonly staked: number;
								readonly paid: number;
								readonly state: {
									/** @constant */
									readonly of: "heist";
									readonly site: components["schemas"]["HeistSite"] | null;
									readonly step: number;
									readonly drawn: number;
									readonly inside: number;
								} | {
									/** @constant */
									readonly of: "duel";
									readonly challenger: {
										readonly id: number;
										readonly name: string;
									};
									readonly challenged: {
										readonly id: number;
										readonly name: string;
									} | null;
									readonly stake: number;
									readonly rakeBp: number;
									readonly winner: number | null;
								} | {
									/** @constant */
									readonly of: "roulette";
									readonly pays: readonly number[];
									readonly number: number | null;
								} | {
									/** @constant */
									readonly of: "reels";
									readonly machine: {
										readonly strip: readonly {
											readonly symbol: string;
											readonly weight: number;
										}[];
										readonly table: readonly {
											/** @enum {string} */
											readonly match: "three" | "two";
											readonly symbol: string;
											readonly multiplier: number;
										}[];
									};
									readonly shown: readonly string[];
								} | {
									/** @constant */
									readonly of: "coin";
									readonly multiplier: number;
									/** @enum {string} */
									readonly called: "heads" | "tails";
									/** @enum {string} */
									readonly side: "heads" | "tails";
								} | {
									/** @constant */
									readonly of: "cup";
									readonly rules: {
										readonly name: string;
										readonly places: number;
										readonly kept: {
											readonly places: number;
											readonly who: components["schemas"]["Who"];
											readonly before: boolean;
										};
										readonly stake: number;
										readonly prize: number;
										readonly second: number;
										readonly bestOf: 1 | 3;
										readonly signUpSeconds: number;
										readonly matchSeconds: number;
									};
									readonly entrants: readonly {
										readonly id: number;
										readonly name: string;
										readonly seat: number;
										readonly kept: boolean;
									}[];
									readonly drawnFrom: readonly number[];
									readonly order: readonly number[];
									readonly matches: readonly {
										readonly id: number;
										readonly level: number;
										readonly a: number | null;
										readonly b: number | null;
										readonly ready: readonly number[];
										readonly games: readonly number[];
										readonly winner: number | null;
										readonly how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									readonly current: number | null;
								} | {
									/** @constant */
									readonly of: "scramble";
									readonly stake: number;
									readonly adds: number;
									readonly rakeBp: number;
									readonly sharesPpm: readonly number[];
									readonly wave: number;
									readonly left: number;
								} | {
									/** @constant */
									readonly of: "boss";
									readonly name: string;
									readonly picture: string;
									readonly strength: {
										readonly ownPpm: number;
										readonly bonusPpm: number;
										readonly capPpm: number;
										readonly blows: number;
										readonly needPpm: number;
										readonly multiplier: number;
										readonly lastBlowBonus: number;
									};
									readonly needed: number;
									readonly hits: number;
									readonly step: number;
									readonly lastBlow: number | null;
								};
								readonly endedAt: number | null;
								readonly why: string | null;
								readonly crew: readonly {
									readonly viewer: number;
									readonly name: string;
									readonly stake: number;
									readonly plan: {
										readonly leaveAfter?: number;
										readonly on?: {
											/** @constant */
											readonly on: "number";
											readonly number: number;
										} | {
											/** @enum {string} */
											readonly on: "dozen" | "column";
											readonly which: 1 | 2 | 3;
										} | {
											/** @enum {string} */
											readonly on: "red" | "black" | "low" | "odd" | "even" | "high";
										};
										readonly hits?: number;
									};
									/** @enum {string} */
									readonly state: "in" | "out" | "caught" | "won" | "lost" | "back";
									readonly room: number | null;
									readonly paid: number;
									readonly round: number;
								}[];
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/heist": {
		/**
		 * Change how the game heist is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         },
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "out": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "gatherSeconds": 10,
					 *         "leastCrew": 1,
					 *         "mostCrew": 1,
					 *         "pauseSeconds": 3,
					 *         "notice": true,
					 *         "sites": [
					 *           {
					 *             "name": "lamp",
					 *             "fromCrew": 1,
					 *             "bonusPpm": 0,
					 *             "capPpm": 1,
					 *             "rooms": [
					 *               {
					 *                 "name": "lamp",
					 *                 "throughPpm": 1,
					 *                 "multiplier": 1,
					 *                 "through": "lamp",
					 *                 "caught": "lamp"
					 *               }
					 *             ]
					 *           }
					 *         ]
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["HeistSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/duel": {
		/**
		 * Change how the game duel is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         },
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "take": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "pass": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "withdraw": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "answerSeconds": 10,
					 *         "suspenseSeconds": 0,
					 *         "rakeBp": 0
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["DuelSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/roulette": {
		/**
		 * Change how the game roulette is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         },
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "betSeconds": 0,
					 *         "suspenseSeconds": 0,
					 *         "houseLimit": 1
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["RouletteSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/reels": {
		/**
		 * Change how the game reels is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         },
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "strip": [
					 *           {
					 *             "symbol": "lamp",
					 *             "weight": 1
					 *           },
					 *           {
					 *             "symbol": "lamp",
					 *             "weight": 1
					 *           }
					 *         ],
					 *         "table": [
					 *           {
					 *             "match": "three",
					 *             "symbol": "lamp",
					 *             "multiplier": 0
					 *           }
					 *         ]
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["ReelsSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/coin": {
		/**
		 * Change how the game coin is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         },
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "multiplier": 1
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["CoinSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/cup": {
		/**
		 * Change how the game cup is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         }
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["CupSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/scramble": {
		/**
		 * Change how the game scramble is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         },
					 *         "gatherSeconds": 10,
					 *         "leastCrew": 1,
					 *         "mostCrew": 1,
					 *         "pauseSeconds": 2,
					 *         "stake": 0,
					 *         "adds": 0,
					 *         "rakeBp": 0,
					 *         "sharesPpm": [
					 *           1
					 *         ]
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["ScrambleSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/boss": {
		/**
		 * Change how the game boss is played
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "on": true,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "limits": {
					 *           "everyoneSeconds": 0,
					 *           "eachSeconds": 0,
					 *           "perViewer": 0,
					 *           "perShow": 0
					 *         },
					 *         "gatherSeconds": 10,
					 *         "leastCrew": 1,
					 *         "mostCrew": 1,
					 *         "pauseSeconds": 2,
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "name": "lamp",
					 *         "picture": "lamp",
					 *         "ownPpm": 1,
					 *         "bonusPpm": 0,
					 *         "capPpm": 1,
					 *         "blows": 1,
					 *         "needPpm": 1,
					 *         "multiplier": 100,
					 *         "lastBlowBonus": 0
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["BossSettings"];
						readonly confirmed?: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @enum {string} */
							readonly game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup" | "scramble" | "boss";
							readonly settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"] | components["schemas"]["ScrambleSettings"] | components["schemas"]["BossSettings"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/wagering": {
		/**
		 * Change what holds over all games
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "mostLost": 0,
					 *       "sitOut": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ]
					 *       }
					 *     }
					 */
					readonly "application/json": components["schemas"]["Wagering"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly wagering: components["schemas"]["Wagering"];
						};
					};
				};
			};
		};
	};
	readonly "/desk/game-texts": {
		/**
		 * Change a text of the games, or go back to ours with none
		 * @description For who may change in: games.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "text": "lamp",
					 *       "own": [
					 *         "lamp"
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly text: string;
						readonly own: readonly string[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly text: string;
							readonly own: readonly string[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/heist/open": {
		/**
		 * Open the game heist for everybody
		 * @description For who may act in: games.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly round: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/roulette/open": {
		/**
		 * Open the game roulette for everybody
		 * @description For who may act in: games.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly round: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/scramble/open": {
		/**
		 * Open the game scramble for everybody
		 * @description For who may act in: games.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly round: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/games/boss/open": {
		/**
		 * Open the game boss for everybody
		 * @description For who may act in: games.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly round: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rounds/{round}/call-off": {
		/**
		 * Call a round off: all stakes go back
		 * @description For who may act in: games.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly round: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly round: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/cups": {
		/**
		 * Open a cup for signing up
		 * @description For who may act in: games.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "places": 4,
					 *       "kept": {
					 *         "places": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "before": true
					 *       },
					 *       "stake": 0,
					 *       "prize": 0,
					 *       "second": 0,
					 *       "bestOf": 1,
					 *       "signUpSeconds": 30,
					 *       "matchSeconds": 10
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly places: number;
						readonly kept: {
							readonly places: number;
							readonly who: components["schemas"]["Who"];
							readonly before: boolean;
						};
						readonly stake: number;
						readonly prize: number;
						readonly second: number;
						readonly bestOf: 1 | 3;
						readonly signUpSeconds: number;
						readonly matchSeconds: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly round: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/cups/{round}/change": {
		/**
		 * Begin a cup, take somebody out of it, or give their place to another one
		 * @description For who may act in: games.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly round: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "does": "begin"
					 *     }
					 */
					readonly "application/json": {
						/** @enum {string} */
						readonly does: "begin" | "out" | "replace";
						readonly viewer?: number;
						readonly other?: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly round: number;
						};
					};
				};
			};
		};
	};
	readonly "/raffles": {
		/** The raffles that are on, and the last that ended with who won */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly currency: components["schemas"]["Currency"];
							readonly running: readonly {
								readonly id: number;
								readonly title: string;
								readonly picture: components["schemas"]["PictureRef"];
								readonly word: string;
								readonly byWord: boolean;
								readonly winners: number;
								readonly price: number;
								/** @enum {string} */
								readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								readonly opensAt: number | null;
								readonly closesAt: number | null;
								readonly endedAt: number | null;
								readonly people: number;
								readonly won: number;
							}[];
							readonly ended: readonly {
								readonly id: number;
								readonly title: string;
								readonly picture: components["schemas"]["PictureRef"];
								readonly word: string;
								readonly byWord: boolean;
								readonly winners: readonly string[];
								readonly price: number;
								/** @enum {string} */
								readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								readonly opensAt: number | null;
								readonly closesAt: number | null;
								readonly endedAt: number | null;
								readonly people: number;
								readonly won: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/raffles/{raffle}": {
		/** One raffle: prize, rules, who is in, the caller’s part, and who won */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly raffle: {
								readonly id: number;
								readonly title: string;
								readonly picture: components["schemas"]["PictureRef"];
								readonly word: string;
								readonly byWord: boolean;
								readonly winners: number;
								readonly price: number;
								/** @enum {string} */
								readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								readonly opensAt: number | null;
								readonly closesAt: number | null;
								readonly endedAt: number | null;
								readonly people: number;
								readonly won: number;
								readonly description: string;
								readonly byPage: boolean;
								readonly mostTickets: number;
								readonly claimSeconds: number;
								readonly madeAt: number;
								readonly openedAt: number | null;
								readonly closedAt: number | null;
								readonly finishAt: number | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly seed: string | null;
								readonly answer: string;
								readonly answerCommitment: string;
								readonly guess: {
									readonly least: number;
									readonly most: number;
									/** @enum {string} */
									readonly answer: "drawn" | "set";
								} | null;
								readonly draws: number;
								readonly drawing: {
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
									readonly from: number;
									readonly until: number;
								} | null;
								readonly revealed: {
									readonly at: number;
									readonly picks: readonly {
										readonly draw: number;
										readonly name: string;
										readonly mark: number;
									}[];
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
								} | null;
								readonly waiting: readonly {
									readonly draw: number;
									readonly viewer: number;
									readonly name: string;
									readonly until: number;
								}[];
								readonly each: number | null;
								readonly why: string | null;
								readonly tickets: number;
								readonly weight: number;
								readonly paid: number;
							};
							readonly prize: string;
							readonly rules: readonly string[];
							readonly shares: readonly string[];
							readonly entrants: readonly {
								readonly name: string;
								readonly tickets: number;
								readonly weight: number;
								readonly at: number;
								readonly chance: string;
								readonly guess: number | null;
							}[];
							readonly removed: readonly {
								readonly name: string;
								readonly why: string | null;
							}[];
							readonly winners: readonly {
								readonly draw: number;
								readonly name: string;
								readonly chance: string;
								readonly guess: number | null;
								/** @enum {string} */
								readonly state: "drawn" | "waiting" | "won" | "missed" | "passed";
								readonly drawnAt: number;
								readonly claimUntil: number | null;
								readonly line: string | null;
								readonly claimedAt: number | null;
								readonly why: string | null;
								readonly amount: number;
							}[];
							readonly own: {
								readonly balance: number;
								readonly tickets: number;
								readonly paid: number;
								readonly freeLeft: number;
								readonly couldAdd: number;
								readonly couldCost: number;
								readonly chance: string | null;
								readonly counts: number | null;
								readonly guess: number | null;
								readonly why: string | null;
								readonly won: {
									readonly draw: number;
									/** @enum {string} */
									readonly state: "drawn" | "waiting" | "won" | "missed" | "passed";
									readonly claimUntil: number | null;
									readonly code: string | null;
									readonly amount: number;
								} | null;
							} | null;
							readonly currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
	};
	readonly "/raffles/{raffle}/check": {
		/** Everything that a raffle can be checked by; its seed once it has ended */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @constant */
							readonly kind: "ricompensa-raffle";
							readonly title: string;
							readonly id: number;
							readonly seed: string;
							readonly commitment: string;
							readonly entrants: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly tickets: number;
								readonly weight: number;
								readonly guess?: number | null;
								readonly guessOrder?: number | null;
							}[];
							readonly guess?: {
								readonly least: number;
								readonly most: number;
								readonly answer: string;
								readonly commitment: string;
							} | null;
							readonly winners: readonly {
								readonly draw: number;
								readonly viewer: number;
								readonly name: string;
								readonly digest: string;
								readonly point: number;
								readonly weight: number;
								readonly total: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/raffles/{raffle}/file": {
		/** The same as a file, to check without us */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							/** @constant */
							readonly kind: "ricompensa-raffle";
							readonly title: string;
							readonly id: number;
							readonly seed: string;
							readonly commitment: string;
							readonly entrants: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly tickets: number;
								readonly weight: number;
								readonly guess?: number | null;
								readonly guessOrder?: number | null;
							}[];
							readonly guess?: {
								readonly least: number;
								readonly most: number;
								readonly answer: string;
								readonly commitment: string;
							} | null;
							readonly winners: readonly {
								readonly draw: number;
								readonly viewer: number;
								readonly name: string;
								readonly digest: string;
								readonly point: number;
								readonly weight: number;
								readonly total: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/raffles/{raffle}/enter": {
		/** Enter a raffle, add tickets, or leave it */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "wanted": "some"
					 *     }
					 */
					readonly "application/json": {
						readonly wanted: "some" | "max" | "leave" | number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly balance: number;
							readonly raffle: number;
							readonly added: number;
							readonly cost: number;
							readonly tickets: number;
							readonly told: string;
						};
					};
				};
			};
		};
	};
	readonly "/raffles/claim": {
		/** Claim what one has been drawn for */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly claimed: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles": {
		/**
		 * The raffles that are on, and the set-ups that are kept
		 * @description For who may look in: raffles.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly running: readonly {
								readonly id: number;
								readonly setup: number | null;
								readonly settings: components["schemas"]["RaffleSettings"];
								/** @enum {string} */
								readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								readonly byName: string;
								readonly madeAt: number;
								readonly opensAt: number | null;
								readonly openedAt: number | null;
								readonly closesAt: number | null;
								readonly closedAt: number | null;
								readonly finishAt: number | null;
								readonly endedAt: number | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly seed: string | null;
								readonly answer: string;
								readonly answerCommitment: string;
								readonly draws: number;
								readonly won: number;
								readonly drawing: {
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
									readonly from: number;
									readonly until: number;
								} | null;
								readonly revealed: {
									readonly at: number;
									readonly picks: readonly {
										readonly draw: number;
										readonly name: string;
										readonly mark: number;
									}[];
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
								} | null;
								readonly waiting: readonly {
									readonly draw: number;
									readonly viewer: number;
									readonly name: string;
									readonly until: number;
								}[];
								readonly each: number | null;
								readonly why: string | null;
								readonly people: number;
								readonly tickets: number;
								readonly weight: number;
								readonly paid: number;
							}[];
							readonly setups: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["RaffleSettings"];
								readonly digit: number | null;
								readonly goneAt: number | null;
							}[];
							readonly currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
		/**
		 * Start a raffle: it opens at once, at a time, or waits for a hand
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "title": "lamp",
					 *         "description": "lamp",
					 *         "picture": "lamp",
					 *         "prize": {
					 *           "of": "text",
					 *           "text": "lamp"
					 *         },
					 *         "winners": 1,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "byWord": true,
					 *         "byPage": true,
					 *         "thisShow": true,
					 *         "closeSeconds": 0,
					 *         "mostPeople": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "hours": 0,
					 *         "followDays": 0,
					 *         "seen": {
					 *           "least": 0,
					 *           "of": 0
					 *         },
					 *         "winnerDays": 0,
					 *         "run": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "guess": {
					 *           "least": 0,
					 *           "most": 0,
					 *           "answer": "drawn"
					 *         },
					 *         "price": 0,
					 *         "free": {
					 *           "everyone": 0,
					 *           "standings": [
					 *             {
					 *               "standing": "follower",
					 *               "tickets": 1
					 *             }
					 *           ]
					 *         },
					 *         "mostTickets": 1,
					 *         "weights": [
					 *           {
					 *             "standing": "follower",
					 *             "weight": 100
					 *           }
					 *         ],
					 *         "remind": {
					 *           "everyMinutes": 0,
					 *           "beforeMinutes": [
					 *             1
					 *           ]
					 *         },
					 *         "soonSeconds": 0,
					 *         "entryAlert": 1,
					 *         "entrySound": "none",
					 *         "draw": "one",
					 *         "suspenseSeconds": 0,
					 *         "claimSeconds": 0,
					 *         "redraw": "itself"
					 *       },
					 *       "opens": {
					 *         "of": "now"
					 *       },
					 *       "setup": 1
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["RaffleSettings"];
						readonly opens: {
							/** @constant */
							readonly of: "now";
						} | {
							/** @constant */
							readonly of: "at";
							readonly at: number;
						} | {
							/** @constant */
							readonly of: "hand";
						};
						readonly setup: number | null;
						readonly answer?: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							/** @enum {string} */
							readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/form": {
		/**
		 * What a raffle’s form can choose from
		 * @description For who may look in: raffles.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly currency: components["schemas"]["Currency"];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly alerts: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly codes: readonly {
								readonly id: number;
								readonly name: string;
								readonly left: number;
							}[];
							readonly setups: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["RaffleSettings"];
								readonly digit: number | null;
								readonly goneAt: number | null;
							}[];
							readonly timeZone: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/ended": {
		/**
		 * The raffles that have ended, with who won
		 * @description For who may look in: raffles.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description Words of the title, or of a name. Only the first 60 characters count. */
					readonly text?: string;
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffles: readonly {
								readonly id: number;
								readonly setup: number | null;
								readonly settings: components["schemas"]["RaffleSettings"];
								/** @enum {string} */
								readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								readonly byName: string;
								readonly madeAt: number;
								readonly opensAt: number | null;
								readonly openedAt: number | null;
								readonly closesAt: number | null;
								readonly closedAt: number | null;
								readonly finishAt: number | null;
								readonly endedAt: number | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly seed: string | null;
								readonly answer: string;
								readonly answerCommitment: string;
								readonly draws: number;
								readonly won: number;
								readonly drawing: {
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
									readonly from: number;
									readonly until: number;
								} | null;
								readonly revealed: {
									readonly at: number;
									readonly picks: readonly {
										readonly draw: number;
										readonly name: string;
										readonly mark: number;
									}[];
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
								} | null;
								readonly waiting: readonly {
									readonly draw: number;
									readonly viewer: number;
									readonly name: string;
									readonly until: number;
								}[];
								readonly each: number | null;
								readonly why: string | null;
								readonly people: number;
								readonly tickets: number;
								readonly weight: number;
								readonly paid: number;
								readonly winners: readonly {
									readonly raffle: number;
									readonly draw: number;
									readonly viewer: number;
									readonly name: string;
									readonly digest: string;
									readonly point: number;
									readonly weight: number;
									readonly total: number;
									readonly guess: number | null;
									readonly drawnAt: number;
									/** @enum {string} */
									readonly state: "drawn" | "waiting" | "won" | "missed" | "passed";
									readonly claimUntil: number | null;
									readonly line: string | null;
									readonly claimedAt: number | null;
									readonly why: string | null;
									readonly amount: number;
									readonly code: string | null;
									readonly deliveredAt: number | null;
									readonly note: string;
									readonly present: boolean | null;
									readonly lastSeenAt: number | null;
								}[];
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}": {
		/**
		 * One raffle with its winners, and how people came in
		 * @description For who may look in: raffles.
		 */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly raffle: {
								readonly id: number;
								readonly setup: number | null;
								readonly settings: components["schemas"]["RaffleSettings"];
								/** @enum {string} */
								readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								readonly byName: string;
								readonly madeAt: number;
								readonly opensAt: number | null;
								readonly openedAt: number | null;
								readonly closesAt: number | null;
								readonly closedAt: number | null;
								readonly finishAt: number | null;
								readonly endedAt: number | null;
								readonly commitment: string;
								/** @enum {string} */
								readonly seedOrigin: "own" | "channel";
								readonly seed: string | null;
								readonly answer: string;
								readonly answerCommitment: string;
								readonly draws: number;
								readonly won: number;
								readonly drawing: {
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
									readonly from: number;
									readonly until: number;
								} | null;
								readonly revealed: {
									readonly at: number;
									readonly picks: readonly {
										readonly draw: number;
										readonly name: string;
										readonly mark: number;
									}[];
									readonly total: number;
									readonly slices: readonly (readonly [
										number,
										string | null
									])[];
								} | null;
								readonly waiting: readonly {
									readonly draw: number;
									readonly viewer: number;
									readonly name: string;
									readonly until: number;
								}[];
								readonly each: number | null;
								readonly why: string | null;
								readonly people: number;
								readonly tickets: number;
								readonly weight: number;
								readonly paid: number;
							};
							readonly winners: readonly {
								readonly raffle: number;
								readonly draw: number;
								readonly viewer: number;
								readonly name: string;
								readonly digest: string;
								readonly point: number;
								readonly weight: number;
								readonly total: number;
								readonly guess: number | null;
								readonly drawnAt: number;
								/** @enum {string} */
								readonly state: "drawn" | "waiting" | "won" | "missed" | "passed";
								readonly claimUntil: number | null;
								readonly line: string | null;
								readonly claimedAt: number | null;
								readonly why: string | null;
								readonly amount: number;
								readonly code: string | null;
								readonly deliveredAt: number | null;
								readonly note: string;
								readonly present: boolean | null;
								readonly lastSeenAt: number | null;
							}[];
							readonly shares: readonly {
								readonly standing: string;
								readonly weight: number;
								readonly people: number;
								readonly ofPeople: number;
								readonly ofChances: number;
							}[];
							readonly arrivals: readonly {
								readonly at: number;
								readonly people: number;
								readonly tickets: number;
							}[];
							readonly currency: components["schemas"]["Currency"];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly codes: readonly {
								readonly id: number;
								readonly name: string;
								readonly left: number;
							}[];
						};
					};
				};
			};
		};
		/**
		 * Change a raffle that has not ended
		 * @description For who may act in: raffles.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "title": "lamp",
					 *       "description": "lamp",
					 *       "picture": "lamp",
					 *       "prize": {
					 *         "of": "text",
					 *         "text": "lamp"
					 *       },
					 *       "winners": 1,
					 *       "word": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ]
					 *       },
					 *       "byWord": true,
					 *       "byPage": true,
					 *       "thisShow": true,
					 *       "closeSeconds": 0,
					 *       "mostPeople": 0,
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "hours": 0,
					 *       "followDays": 0,
					 *       "seen": {
					 *         "least": 0,
					 *         "of": 0
					 *       },
					 *       "winnerDays": 0,
					 *       "run": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "guess": {
					 *         "least": 0,
					 *         "most": 0,
					 *         "answer": "drawn"
					 *       },
					 *       "price": 0,
					 *       "free": {
					 *         "everyone": 0,
					 *         "standings": [
					 *           {
					 *             "standing": "follower",
					 *             "tickets": 1
					 *           }
					 *         ]
					 *       },
					 *       "mostTickets": 1,
					 *       "weights": [
					 *         {
					 *           "standing": "follower",
					 *           "weight": 100
					 *         }
					 *       ],
					 *       "remind": {
					 *         "everyMinutes": 0,
					 *         "beforeMinutes": [
					 *           1
					 *         ]
					 *       },
					 *       "soonSeconds": 0,
					 *       "entryAlert": 1,
					 *       "entrySound": "none",
					 *       "draw": "one",
					 *       "suspenseSeconds": 0,
					 *       "claimSeconds": 0,
					 *       "redraw": "itself"
					 *     }
					 */
					readonly "application/json": components["schemas"]["RaffleSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/entries": {
		/**
		 * Who is, or was, in a raffle
		 * @description For who may look in: raffles.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description Words of the title, or of a name. Only the first 60 characters count. */
					readonly text?: string;
					/** @description One state alone. */
					readonly state?: "in" | "left" | "removed";
					/** @description What they are in the order of. */
					readonly order?: "nr" | "late" | "chance";
					/** @description How many to leave out: the page after this one. */
					readonly from?: number;
				};
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly entries: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly nr: number;
								readonly tickets: number;
								readonly free: number;
								readonly paid: number;
								readonly weight: number;
								readonly standing: string | null;
								readonly at: number;
								readonly changedAt: number;
								readonly guess: number | null;
								/** @enum {string} */
								readonly state: "in" | "left" | "removed";
								readonly why: string | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/outlook": {
		/**
		 * What a raffle with such settings would mean now; nothing is written
		 * @description For who may look in: raffles.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "title": "lamp",
					 *       "description": "lamp",
					 *       "picture": "lamp",
					 *       "prize": {
					 *         "of": "text",
					 *         "text": "lamp"
					 *       },
					 *       "winners": 1,
					 *       "word": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ]
					 *       },
					 *       "byWord": true,
					 *       "byPage": true,
					 *       "thisShow": true,
					 *       "closeSeconds": 0,
					 *       "mostPeople": 0,
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "hours": 0,
					 *       "followDays": 0,
					 *       "seen": {
					 *         "least": 0,
					 *         "of": 0
					 *       },
					 *       "winnerDays": 0,
					 *       "run": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "guess": {
					 *         "least": 0,
					 *         "most": 0,
					 *         "answer": "drawn"
					 *       },
					 *       "price": 0,
					 *       "free": {
					 *         "everyone": 0,
					 *         "standings": [
					 *           {
					 *             "standing": "follower",
					 *             "tickets": 1
					 *           }
					 *         ]
					 *       },
					 *       "mostTickets": 1,
					 *       "weights": [
					 *         {
					 *           "standing": "follower",
					 *           "weight": 100
					 *         }
					 *       ],
					 *       "remind": {
					 *         "everyMinutes": 0,
					 *         "beforeMinutes": [
					 *           1
					 *         ]
					 *       },
					 *       "soonSeconds": 0,
					 *       "entryAlert": 1,
					 *       "entrySound": "none",
					 *       "draw": "one",
					 *       "suspenseSeconds": 0,
					 *       "claimSeconds": 0,
					 *       "redraw": "itself"
					 *     }
					 */
					readonly "application/json": components["schemas"]["RaffleSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly faults: {
								readonly [key: string]: string;
							};
							readonly hints: readonly string[];
							readonly here: number;
							readonly could: number;
							readonly reasons: readonly {
								readonly code: string;
								readonly count: number;
							}[];
							readonly shares: readonly string[];
							readonly priciest: {
								readonly cost: number;
								readonly watching: readonly {
									readonly name: string;
									readonly seconds: number | null;
								}[];
							};
							readonly checks: readonly {
								readonly ok: boolean;
								readonly sentence: string;
								readonly fix?: {
									readonly page: string;
									readonly label: string;
								};
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles.csv": {
		/**
		 * The raffles that have ended as a file of comma-separated values
		 * @description For who may look in: raffles.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description Words of the title, or of a name. Only the first 60 characters count. */
					readonly text?: string;
				};
			};
			readonly responses: {
				/** @description The file. */
				readonly 200: {
					content: {
						readonly "text/csv": string;
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/entries.csv": {
		/**
		 * Everybody who is or was in a raffle, as a file of comma-separated values
		 * @description For who may look in: raffles.
		 */
		readonly get: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly responses: {
				/** @description The file. */
				readonly 200: {
					content: {
						readonly "text/csv": string;
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/open": {
		/**
		 * Have a raffle open
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly draw?: number;
						readonly why?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							/** @enum {string} */
							readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							readonly draws: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/close": {
		/**
		 * Have a raffle close
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly draw?: number;
						readonly why?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							/** @enum {string} */
							readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							readonly draws: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/draw": {
		/**
		 * Have a raffle draw: the draw with this number is made once
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly draw?: number;
						readonly why?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							/** @enum {string} */
							readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							readonly draws: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/call-off": {
		/**
		 * Have a raffle call off
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly draw?: number;
						readonly why?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							/** @enum {string} */
							readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							readonly draws: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/finish": {
		/**
		 * Have a raffle finish
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/** @example {} */
					readonly "application/json": {
						readonly draw?: number;
						readonly why?: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							/** @enum {string} */
							readonly status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							readonly draws: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/remove": {
		/**
		 * Take somebody out of a raffle: the money goes back
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "why": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly viewer: number;
						readonly why: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							readonly viewer: number;
							readonly back: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/pass-over": {
		/**
		 * Pass over somebody who was drawn
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "draw": 1,
					 *       "why": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly draw: number;
						readonly why: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							readonly draw: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffles/{raffle}/record": {
		/**
		 * Note whether a winner has the prize, and what else there is to say
		 * @description For who may act in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly raffle: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "draw": 1,
					 *       "delivered": true,
					 *       "note": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly draw: number;
						readonly delivered: boolean;
						readonly note: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly raffle: number;
							readonly draw: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffle-setups": {
		/**
		 * Keep a set-up to start raffles from
		 * @description For who may change in: raffles.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "title": "lamp",
					 *         "description": "lamp",
					 *         "picture": "lamp",
					 *         "prize": {
					 *           "of": "text",
					 *           "text": "lamp"
					 *         },
					 *         "winners": 1,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "byWord": true,
					 *         "byPage": true,
					 *         "thisShow": true,
					 *         "closeSeconds": 0,
					 *         "mostPeople": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "hours": 0,
					 *         "followDays": 0,
					 *         "seen": {
					 *           "least": 0,
					 *           "of": 0
					 *         },
					 *         "winnerDays": 0,
					 *         "run": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "guess": {
					 *           "least": 0,
					 *           "most": 0,
					 *           "answer": "drawn"
					 *         },
					 *         "price": 0,
					 *         "free": {
					 *           "everyone": 0,
					 *           "standings": [
					 *             {
					 *               "standing": "follower",
					 *               "tickets": 1
					 *             }
					 *           ]
					 *         },
					 *         "mostTickets": 1,
					 *         "weights": [
					 *           {
					 *             "standing": "follower",
					 *             "weight": 100
					 *           }
					 *         ],
					 *         "remind": {
					 *           "everyMinutes": 0,
					 *           "beforeMinutes": [
					 *             1
					 *           ]
					 *         },
					 *         "soonSeconds": 0,
					 *         "entryAlert": 1,
					 *         "entrySound": "none",
					 *         "draw": "one",
					 *         "suspenseSeconds": 0,
					 *         "claimSeconds": 0,
					 *         "redraw": "itself"
					 *       },
					 *       "digit": 1
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["RaffleSettings"];
						readonly digit: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly setup: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffle-setups/{id}": {
		/**
		 * Change a set-up
		 * @description For who may change in: raffles.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "title": "lamp",
					 *         "description": "lamp",
					 *         "picture": "lamp",
					 *         "prize": {
					 *           "of": "text",
					 *           "text": "lamp"
					 *         },
					 *         "winners": 1,
					 *         "word": {
					 *           "word": "lamp",
					 *           "aliases": [
					 *             "lamp"
					 *           ]
					 *         },
					 *         "byWord": true,
					 *         "byPage": true,
					 *         "thisShow": true,
					 *         "closeSeconds": 0,
					 *         "mostPeople": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "hours": 0,
					 *         "followDays": 0,
					 *         "seen": {
					 *           "least": 0,
					 *           "of": 0
					 *         },
					 *         "winnerDays": 0,
					 *         "run": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "guess": {
					 *           "least": 0,
					 *           "most": 0,
					 *           "answer": "drawn"
					 *         },
					 *         "price": 0,
					 *         "free": {
					 *           "everyone": 0,
					 *           "standings": [
					 *             {
					 *               "standing": "follower",
					 *               "tickets": 1
					 *             }
					 *           ]
					 *         },
					 *         "mostTickets": 1,
					 *         "weights": [
					 *           {
					 *             "standing": "follower",
					 *             "weight": 100
					 *           }
					 *         ],
					 *         "remind": {
					 *           "everyMinutes": 0,
					 *           "beforeMinutes": [
					 *             1
					 *           ]
					 *         },
					 *         "soonSeconds": 0,
					 *         "entryAlert": 1,
					 *         "entrySound": "none",
					 *         "draw": "one",
					 *         "suspenseSeconds": 0,
					 *         "claimSeconds": 0,
					 *         "redraw": "itself"
					 *       },
					 *       "digit": 1
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["RaffleSettings"];
						readonly digit: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly setup: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/raffle-setups/{id}/remove": {
		/**
		 * Take a set-up away
		 * @description For who may change in: raffles.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly setup: number;
						};
					};
				};
			};
		};
	};
	readonly "/bets": {
		/** The bets that are on, the last that ended, and what the caller has in them */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly currency: components["schemas"]["Currency"];
							readonly word: string;
							readonly balance: number | null;
							readonly running: readonly {
								readonly id: number;
								readonly question: string;
								readonly lanes: readonly {
									readonly name: string;
									readonly word: string;
									readonly people: number;
									readonly staked: number;
								}[];
								/** @enum {string} */
								readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
								readonly openedAt: number;
								readonly locksAt: number | null;
								readonly lockedAt: number | null;
								readonly endedAt: number | null;
								readonly winner: number | null;
								readonly paysAt: number | null;
								readonly payment: {
									readonly winners: number;
									readonly prize: number;
									readonly rake: number;
									readonly late: number;
									readonly refunded: boolean;
								} | null;
								readonly why: string | null;
								readonly note: string;
								readonly link: string;
								readonly backers: number;
								readonly stakes: {
									readonly smallest: number;
									readonly largest: number;
									readonly share: number;
								};
								readonly several: boolean;
								readonly rakeBp: number;
								readonly takeBack: boolean;
								readonly lateSeconds: number;
								readonly pauseSeconds: number;
								readonly own: {
									readonly staked: readonly number[];
									readonly back: number;
									readonly won: number;
									readonly why: string | null;
								} | null;
							}[];
							readonly ended: readonly {
								readonly id: number;
								readonly question: string;
								readonly lanes: readonly {
									readonly name: string;
									readonly word: string;
									readonly people: number;
									readonly staked: number;
								}[];
								/** @enum {string} */
								readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
								readonly openedAt: number;
								readonly locksAt: number | null;
								readonly lockedAt: number | null;
								readonly endedAt: number | null;
								readonly winner: number | null;
								readonly paysAt: number | null;
								readonly payment: {
									readonly winners: number;
									readonly prize: number;
									readonly rake: number;
									readonly late: number;
									readonly refunded: boolean;
								} | null;
								readonly why: string | null;
								readonly note: string;
								readonly link: string;
								readonly backers: number;
								readonly stakes: {
									readonly smallest: number;
									readonly largest: number;
									readonly share: number;
								};
								readonly several: boolean;
								readonly rakeBp: number;
								readonly takeBack: boolean;
								readonly lateSeconds: number;
								readonly pauseSeconds: number;
								readonly own: {
									readonly staked: readonly number[];
									readonly back: number;
									readonly won: number;
									readonly why: string | null;
								} | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/bets/{bet}/lay": {
		/** Bet on an outcome, add to it, or take all of it back (no outcome) */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly bet: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "outcome": 0,
					 *       "stake": 0
					 *     }
					 */
					readonly "application/json": {
						readonly outcome: number | null;
						readonly stake: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
							readonly staked: number;
							readonly told: string;
							readonly balance: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets": {
		/**
		 * The bets that are on, the templates, and the usual terms
		 * @description For who may look in: bets.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly running: readonly {
								readonly id: number;
								readonly question: string;
								readonly lanes: readonly {
									readonly name: string;
									readonly word: string;
									readonly people: number;
									readonly staked: number;
								}[];
								/** @enum {string} */
								readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
								readonly openedAt: number;
								readonly locksAt: number | null;
								readonly lockedAt: number | null;
								readonly endedAt: number | null;
								readonly winner: number | null;
								readonly paysAt: number | null;
								readonly payment: {
									readonly winners: number;
									readonly prize: number;
									readonly rake: number;
									readonly late: number;
									readonly refunded: boolean;
								} | null;
								readonly why: string | null;
								readonly note: string;
								readonly link: string;
								readonly backers: number;
								readonly stakes: {
									readonly smallest: number;
									readonly largest: number;
									readonly share: number;
								};
								readonly several: boolean;
								readonly rakeBp: number;
								readonly takeBack: boolean;
								readonly lateSeconds: number;
								readonly pauseSeconds: number;
								readonly template: number | null;
								readonly settings: components["schemas"]["BetSettings"];
								readonly byName: string;
								readonly pickedBy: string | null;
								readonly pickedAt: number | null;
							}[];
							readonly templates: readonly {
								readonly id: number;
								readonly settings: components["schemas"]["BetSettings"];
								readonly digit: number | null;
								readonly goneAt: number | null;
							}[];
							readonly defaults: {
								readonly word: components["schemas"]["GameWord"];
								readonly terms: components["schemas"]["BetTerms"];
							};
							readonly currency: components["schemas"]["Currency"];
							readonly circles: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly alerts: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly onAir: boolean;
						};
					};
				};
			};
		};
		/**
		 * Open a bet
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "question": "lamp",
					 *         "outcomes": [
					 *           {
					 *             "name": "lamp",
					 *             "word": "lamp"
					 *           },
					 *           {
					 *             "name": "lamp",
					 *             "word": "lamp"
					 *           }
					 *         ],
					 *         "openSeconds": 0,
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "several": true,
					 *         "rakeBp": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "takeBack": true,
					 *         "lateSeconds": 0,
					 *         "pauseSeconds": 0,
					 *         "announce": {
					 *           "soonSeconds": 0,
					 *           "opened": 1,
					 *           "settled": 1
					 *         }
					 *       },
					 *       "template": 1
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["BetSettings"];
						readonly template: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
							/** @enum {string} */
							readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/ended": {
		/**
		 * The bets that have ended, with what came true and who said so
		 * @description For who may look in: bets.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description Words of the question, an outcome, or a note. Only the first 60 characters count. */
					readonly text?: string;
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bets: readonly {
								readonly id: number;
								readonly question: string;
								readonly lanes: readonly {
									readonly name: string;
									readonly word: string;
									readonly people: number;
									readonly staked: number;
								}[];
								/** @enum {string} */
								readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
								readonly openedAt: number;
								readonly locksAt: number | null;
								readonly lockedAt: number | null;
								readonly endedAt: number | null;
								readonly winner: number | null;
								readonly paysAt: number | null;
								readonly payment: {
									readonly winners: number;
									readonly prize: number;
									readonly rake: number;
									readonly late: number;
									readonly refunded: boolean;
								} | null;
								readonly why: string | null;
								readonly note: string;
								readonly link: string;
								readonly backers: number;
								readonly stakes: {
									readonly smallest: number;
									readonly largest: number;
									readonly share: number;
								};
								readonly several: boolean;
								readonly rakeBp: number;
								readonly takeBack: boolean;
								readonly lateSeconds: number;
								readonly pauseSeconds: number;
								readonly template: number | null;
								readonly settings: components["schemas"]["BetSettings"];
								readonly byName: string;
								readonly pickedBy: string | null;
								readonly pickedAt: number | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/{bet}": {
		/**
		 * One bet with who is in it
		 * @description For who may look in: bets.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description A part of a name. Only the first 60 characters count. */
					readonly text?: string;
					/** @description How many to leave out: the page after this one. */
					readonly from?: number;
				};
				readonly path: {
					readonly bet: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly bet: {
								readonly id: number;
								readonly question: string;
								readonly lanes: readonly {
									readonly name: string;
									readonly word: string;
									readonly people: number;
									readonly staked: number;
								}[];
								/** @enum {string} */
								readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
								readonly openedAt: number;
								readonly locksAt: number | null;
								readonly lockedAt: number | null;
								readonly endedAt: number | null;
								readonly winner: number | null;
								readonly paysAt: number | null;
								readonly payment: {
									readonly winners: number;
									readonly prize: number;
									readonly rake: number;
									readonly late: number;
									readonly refunded: boolean;
								} | null;
								readonly why: string | null;
								readonly note: string;
								readonly link: string;
								readonly backers: number;
								readonly stakes: {
									readonly smallest: number;
									readonly largest: number;
									readonly share: number;
								};
								readonly several: boolean;
								readonly rakeBp: number;
								readonly takeBack: boolean;
								readonly lateSeconds: number;
								readonly pauseSeconds: number;
								readonly template: number | null;
								readonly settings: components["schemas"]["BetSettings"];
								readonly byName: string;
								readonly pickedBy: string | null;
								readonly pickedAt: number | null;
							};
							readonly currency: components["schemas"]["Currency"];
							readonly backers: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly laid: readonly {
									readonly outcome: number;
									readonly amount: number;
									readonly at: number;
								}[];
								readonly back: number;
								readonly won: number;
							}[];
						};
					};
				};
			};
		};
		/**
		 * Change a bet that has no winner yet
		 * @description For who may act in: bets.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly bet: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "question": "lamp",
					 *       "outcomes": [
					 *         {
					 *           "name": "lamp",
					 *           "word": "lamp"
					 *         },
					 *         {
					 *           "name": "lamp",
					 *           "word": "lamp"
					 *         }
					 *       ],
					 *       "openSeconds": 0,
					 *       "stakes": {
					 *         "smallest": 1,
					 *         "largest": 0,
					 *         "share": 1
					 *       },
					 *       "several": true,
					 *       "rakeBp": 0,
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "onAir": true,
					 *       "takeBack": true,
					 *       "lateSeconds": 0,
					 *       "pauseSeconds": 0,
					 *       "announce": {
					 *         "soonSeconds": 0,
					 *         "opened": 1,
					 *         "settled": 1
					 *       }
					 *     }
					 */
					readonly "application/json": components["schemas"]["BetSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
							/** @enum {string} */
							readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/{bet}/payment": {
		/**
		 * What a bet would pay if an outcome came true; nothing is written
		 * @description For who may act in: bets.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The place of the outcome, from 0. */
					readonly outcome?: number;
					/** @description Stakes laid from then on go back (seconds since 1970); 0: all count. */
					readonly knownFrom?: number;
				};
				readonly path: {
					readonly bet: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly winners: number;
							readonly prize: number;
							readonly rake: number;
							readonly late: number;
							readonly refunded: boolean;
							readonly winningStakes: number;
							readonly most: readonly {
								readonly name: string;
								readonly staked: number;
								readonly gets: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/{bet}/lock": {
		/**
		 * Lock a bet: nobody bets any more
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly bet: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
							/** @enum {string} */
							readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/{bet}/extend": {
		/**
		 * Keep betting open for longer, or open it again
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly bet: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "seconds": 1
					 *     }
					 */
					readonly "application/json": {
						readonly seconds: number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
							/** @enum {string} */
							readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/{bet}/settle": {
		/**
		 * Pick what came true: it is told at once and paid after a pause
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly bet: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "outcome": 0,
					 *       "knownFrom": 0,
					 *       "note": "lamp",
					 *       "link": "https://example.org/hook",
					 *       "instead": true
					 *     }
					 */
					readonly "application/json": {
						readonly outcome: number;
						readonly knownFrom: number | null;
						readonly note: string;
						readonly link: string;
						readonly instead: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
							/** @enum {string} */
							readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/{bet}/call-off": {
		/**
		 * Call a bet off: all stakes go back
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly bet: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "why": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly why: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
							/** @enum {string} */
							readonly status: "open" | "locked" | "announced" | "paying" | "returning" | "settled" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/bets/{bet}/record": {
		/**
		 * Note what shows how a bet ended
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly bet: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "note": "lamp",
					 *       "link": "https://example.org/hook"
					 *     }
					 */
					readonly "application/json": {
						readonly note: string;
						readonly link: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly bet: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/bet-templates": {
		/**
		 * Keep a bet to open it from
		 * @description For who may change in: bets.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "question": "lamp",
					 *         "outcomes": [
					 *           {
					 *             "name": "lamp",
					 *             "word": "lamp"
					 *           },
					 *           {
					 *             "name": "lamp",
					 *             "word": "lamp"
					 *           }
					 *         ],
					 *         "openSeconds": 0,
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "several": true,
					 *         "rakeBp": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "takeBack": true,
					 *         "lateSeconds": 0,
					 *         "pauseSeconds": 0,
					 *         "announce": {
					 *           "soonSeconds": 0,
					 *           "opened": 1,
					 *           "settled": 1
					 *         }
					 *       },
					 *       "digit": 1
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["BetSettings"];
						readonly digit: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly template: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/bet-templates/{id}": {
		/**
		 * Change a template
		 * @description For who may change in: bets.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "question": "lamp",
					 *         "outcomes": [
					 *           {
					 *             "name": "lamp",
					 *             "word": "lamp"
					 *           },
					 *           {
					 *             "name": "lamp",
					 *             "word": "lamp"
					 *           }
					 *         ],
					 *         "openSeconds": 0,
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "several": true,
					 *         "rakeBp": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "takeBack": true,
					 *         "lateSeconds": 0,
					 *         "pauseSeconds": 0,
					 *         "announce": {
					 *           "soonSeconds": 0,
					 *           "opened": 1,
					 *           "settled": 1
					 *         }
					 *       },
					 *       "digit": 1
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["BetSettings"];
						readonly digit: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly template: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/bet-templates/{id}/remove": {
		/**
		 * Take a template away
		 * @description For who may change in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly template: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/bet-terms": {
		/**
		 * Change the word by which people bet, and the usual terms
		 * @description For who may change in: bets.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "word": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ]
					 *       },
					 *       "terms": {
					 *         "openSeconds": 0,
					 *         "stakes": {
					 *           "smallest": 1,
					 *           "largest": 0,
					 *           "share": 1
					 *         },
					 *         "several": true,
					 *         "rakeBp": 0,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "takeBack": true,
					 *         "lateSeconds": 0,
					 *         "pauseSeconds": 0,
					 *         "announce": {
					 *           "soonSeconds": 0,
					 *           "opened": 1,
					 *           "settled": 1
					 *         }
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly word: components["schemas"]["GameWord"];
						readonly terms: components["schemas"]["BetTerms"];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/goals": {
		/** The goals that are open with who gave most, the last that ended, and what the caller has in them */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly currency: components["schemas"]["Currency"];
							readonly word: string;
							readonly balance: number | null;
							readonly running: readonly {
								readonly id: number;
								readonly title: string;
								readonly description: string;
								readonly word: string;
								readonly picture: components["schemas"]["PictureRef"];
								readonly target: number;
								readonly milestones: readonly {
									readonly at: number;
									readonly name: string;
								}[];
								readonly reached: number;
								/** @enum {string} */
								readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
								readonly openedAt: number | null;
								readonly endsAt: number | null;
								readonly endedAt: number | null;
								/** @enum {string} */
								readonly unreached: "refund" | "keep";
								readonly smallest: number;
								readonly largest: number;
								readonly withdraw: boolean;
								readonly why: string | null;
								readonly people: number;
								readonly paid: number;
								readonly lastName: string;
								readonly lastAmount: number;
								readonly givers: readonly {
									readonly name: string;
									readonly paid: number;
								}[];
								readonly own: {
									readonly paid: number;
									readonly why: string | null;
								} | null;
							}[];
							readonly ended: readonly {
								readonly id: number;
								readonly title: string;
								readonly description: string;
								readonly word: string;
								readonly picture: components["schemas"]["PictureRef"];
								readonly target: number;
								readonly milestones: readonly {
									readonly at: number;
									readonly name: string;
								}[];
								readonly reached: number;
								/** @enum {string} */
								readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
								readonly openedAt: number | null;
								readonly endsAt: number | null;
								readonly endedAt: number | null;
								/** @enum {string} */
								readonly unreached: "refund" | "keep";
								readonly smallest: number;
								readonly largest: number;
								readonly withdraw: boolean;
								readonly why: string | null;
								readonly people: number;
								readonly paid: number;
								readonly lastName: string;
								readonly lastAmount: number;
								readonly own: {
									readonly paid: number;
									readonly why: string | null;
								} | null;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/goals/{goal}/chip": {
		/** Chip in for a goal, or take one’s part back (no amount) */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly goal: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "amount": 0
					 *     }
					 */
					readonly "application/json": {
						readonly amount: number | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly goal: number;
							readonly taken: number;
							readonly paid: number;
							readonly told: string;
							readonly balance: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/goals": {
		/**
		 * The goals that are open or planned, and the words of goals
		 * @description For who may look in: bets.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly now: number;
							readonly running: readonly {
								readonly id: number;
								readonly title: string;
								readonly description: string;
								readonly word: string;
								readonly picture: components["schemas"]["PictureRef"];
								readonly target: number;
								readonly milestones: readonly {
									readonly at: number;
									readonly name: string;
								}[];
								readonly reached: number;
								/** @enum {string} */
								readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
								readonly openedAt: number | null;
								readonly endsAt: number | null;
								readonly endedAt: number | null;
								/** @enum {string} */
								readonly unreached: "refund" | "keep";
								readonly smallest: number;
								readonly largest: number;
								readonly withdraw: boolean;
								readonly why: string | null;
								readonly people: number;
								readonly paid: number;
								readonly lastName: string;
								readonly lastAmount: number;
								readonly settings: components["schemas"]["GoalSettings"];
								readonly byName: string;
							}[];
							readonly words: {
								readonly chip: components["schemas"]["GameWord"];
								readonly goal: components["schemas"]["GameWord"];
							};
							readonly currency: components["schemas"]["Currency"];
							readonly alerts: readonly {
								readonly id: number;
								readonly name: string;
							}[];
							readonly timeZone: string;
						};
					};
				};
			};
		};
		/**
		 * Make a goal, and open it at once or plan it
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "title": "lamp",
					 *         "description": "lamp",
					 *         "word": "lamp",
					 *         "picture": "lamp",
					 *         "target": 1,
					 *         "milestones": [
					 *           {
					 *             "at": 1,
					 *             "name": "lamp",
					 *             "steps": [
					 *               {
					 *                 "do": "say",
					 *                 "text": "lamp"
					 *               }
					 *             ]
					 *           }
					 *         ],
					 *         "steps": [
					 *           {
					 *             "do": "say",
					 *             "text": "lamp"
					 *           }
					 *         ],
					 *         "endsAt": 0,
					 *         "unreached": "refund",
					 *         "smallest": 1,
					 *         "largest": 0,
					 *         "withdraw": true,
					 *         "who": {
					 *           "everyone": true,
					 *           "streamer": true,
					 *           "standings": [
					 *             "follower"
					 *           ],
					 *           "rank": 1,
					 *           "people": [
					 *             1
					 *           ]
					 *         },
					 *         "onAir": true,
					 *         "follows": true,
					 *         "milestoneAlert": 1,
					 *         "reachedAlert": 1
					 *       },
					 *       "opens": true
					 *     }
					 */
					readonly "application/json": {
						readonly settings: components["schemas"]["GoalSettings"];
						readonly opens: boolean;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly goal: number;
							/** @enum {string} */
							readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/goals/ended": {
		/**
		 * The goals that have ended
		 * @description For who may look in: bets.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description Words of what was promised. Only the first 60 characters count. */
					readonly text?: string;
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly goals: readonly {
								readonly id: number;
								readonly title: string;
								readonly description: string;
								readonly word: string;
								readonly picture: components["schemas"]["PictureRef"];
								readonly target: number;
								readonly milestones: readonly {
									readonly at: number;
									readonly name: string;
								}[];
								readonly reached: number;
								/** @enum {string} */
								readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
								readonly openedAt: number | null;
								readonly endsAt: number | null;
								readonly endedAt: number | null;
								/** @enum {string} */
								readonly unreached: "refund" | "keep";
								readonly smallest: number;
								readonly largest: number;
								readonly withdraw: boolean;
								readonly why: string | null;
								readonly people: number;
								readonly paid: number;
								readonly lastName: string;
								readonly lastAmount: number;
								readonly settings: components["schemas"]["GoalSettings"];
								readonly byName: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/goals/{goal}/givers": {
		/**
		 * Who has chipped in for a goal, the most first
		 * @description For who may look in: bets.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description A part of a name. Only the first 60 characters count. */
					readonly text?: string;
					/** @description How many to leave out: the page after this one. */
					readonly from?: number;
				};
				readonly path: {
					readonly goal: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly givers: readonly {
								readonly viewer: number;
								readonly name: string;
								readonly paid: number;
								readonly back: number;
								readonly at: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/goals/{goal}/open": {
		/**
		 * Open a goal that is planned
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly goal: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "why": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly why: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly goal: number;
							/** @enum {string} */
							readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/goals/{goal}/end": {
		/**
		 * End a goal as its date would: the money goes back, or is spent, as was promised
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly goal: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "why": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly why: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly goal: number;
							/** @enum {string} */
							readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/goals/{goal}/call-off": {
		/**
		 * Call a goal off: everybody is refunded
		 * @description For who may act in: bets.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly goal: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "why": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly why: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly goal: number;
							/** @enum {string} */
							readonly status: "planned" | "open" | "returning" | "reached" | "missed" | "off";
						};
					};
				};
			};
		};
	};
	readonly "/desk/goals/{goal}": {
		/**
		 * Change a goal that has not ended
		 * @description For who may act in: bets.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly goal: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "title": "lamp",
					 *       "description": "lamp",
					 *       "word": "lamp",
					 *       "picture": "lamp",
					 *       "target": 1,
					 *       "milestones": [
					 *         {
					 *           "at": 1,
					 *           "name": "lamp",
					 *           "steps": [
					 *             {
					 *               "do": "say",
					 *               "text": "lamp"
					 *             }
					 *           ]
					 *         }
					 *       ],
					 *       "steps": [
					 *         {
					 *           "do": "say",
					 *           "text": "lamp"
					 *         }
					 *       ],
					 *       "endsAt": 0,
					 *       "unreached": "refund",
					 *       "smallest": 1,
					 *       "largest": 0,
					 *       "withdraw": true,
					 *       "who": {
					 *         "everyone": true,
					 *         "streamer": true,
					 *         "standings": [
					 *           "follower"
					 *         ],
					 *         "rank": 1,
					 *         "people": [
					 *           1
					 *         ]
					 *       },
					 *       "onAir": true,
					 *       "follows": true,
					 *       "milestoneAlert": 1,
					 *       "reachedAlert": 1
					 *     }
					 */
					readonly "application/json": components["schemas"]["GoalSettings"];
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly goal: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/goal-words": {
		/**
		 * Change the words by which people chip in and hear how goals stand
		 * @description For who may change in: bets.
		 */
		readonly put: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "chip": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ]
					 *       },
					 *       "goal": {
					 *         "word": "lamp",
					 *         "aliases": [
					 *           "lamp"
					 *         ]
					 *       }
					 *     }
					 */
					readonly "application/json": {
						readonly chip: components["schemas"]["GameWord"];
						readonly goal: components["schemas"]["GameWord"];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/seeds": {
		/** What draws are made from: the commitment of the open seed, and the seeds before it */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly open: {
								readonly id: number;
								readonly commitment: string;
								readonly openedAt: number;
							} | null;
							readonly closed: readonly {
								readonly id: number;
								readonly seed: string;
								readonly commitment: string;
								readonly openedAt: number;
								readonly closedAt: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/security": {
		/**
		 * The security log, the latest first, page by page
		 * @description For who may look in: team.
		 */
		readonly get: {
			readonly parameters: {
				readonly query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					readonly before?: number;
					/** @description Of this account only. Only the first 100 characters count. */
					readonly account?: string;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly entries: readonly {
								readonly id: number;
								readonly at: number;
								/** @enum {string} */
								readonly kind: "desk" | "secret" | "refused" | "sign-in";
								readonly name: string;
								readonly account: string;
								readonly from: string;
								readonly what: string;
								readonly times: number;
							}[];
							readonly before: number | null;
						};
					};
				};
			};
		};
	};
	readonly "/desk/security.csv": {
		/**
		 * The security log as a file of comma-separated values
		 * @description For who may look in: team.
		 */
		readonly get: {
			readonly responses: {
				/** @description The file. */
				readonly 200: {
					content: {
						readonly "text/csv": string;
					};
				};
			};
		};
	};
	readonly "/desk/unreadable": {
		/**
		 * Tell which settings this version cannot read; each is shut off until it is saved anew
		 * @description For all of the team.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly unreadable: readonly {
								/** @enum {string} */
								readonly kind: "reward" | "command" | "trigger" | "template" | "raffle" | "alert" | "overlay" | "circle" | "settings";
								readonly name: string;
								readonly why: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/connections": {
		/**
		 * How chat and events are connected
		 * @description For who may look in: connections.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly chat: {
								/** @enum {string} */
								readonly status: "off" | "out" | "refused" | "connecting" | "connected";
								readonly sentence: string;
								readonly since: number;
								readonly room: string | null;
								readonly lacks: readonly ("silent" | "moderators")[];
							};
							readonly eventsAddress: string;
							readonly secrets: readonly {
								readonly id: number;
								readonly name: string;
								readonly createdAt: number;
								readonly usedAt: number | null;
								readonly kinds: readonly string[] | null;
							}[];
							readonly tips: readonly {
								readonly hasRate: boolean;
								readonly id: number;
								readonly at: number;
								readonly viewer: number;
								readonly name: string;
								readonly minorUnits: number;
								readonly currency: string;
							}[];
							readonly events: readonly {
								readonly id: number;
								readonly at: number;
								readonly happenedAt: number;
								readonly source: string;
								readonly type: string;
								readonly name: string | null;
								readonly body: {
									readonly [key: string]: unknown;
								};
								readonly outcome: string;
							}[];
							readonly refusals: readonly {
								readonly id: number;
								readonly at: number;
								readonly code: string;
								readonly sentence: string;
								readonly times: number;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/connections/chat-test": {
		/**
		 * Let the bot say a test line
		 * @description For who may act in: connections.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly muted: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/connections/secrets": {
		/**
		 * Make a secret for signing events
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "kinds": [
					 *         "ricompensa.show.started"
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly kinds: readonly ("ricompensa.show.started" | "ricompensa.show.ended" | "ricompensa.follow" | "ricompensa.subscription" | "ricompensa.resubscription" | "ricompensa.subscription.ended" | "ricompensa.gift" | "ricompensa.raid" | "ricompensa.tip" | "ricompensa.cheer" | "ricompensa.reward.redeemed" | "ricompensa.rewards.listed" | "ricompensa.test")[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly id: number;
							readonly secret: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/connections/secrets/{secret}/revoke": {
		/**
		 * Take a secret out of use
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly secret: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/tips/{tip}/decide": {
		/**
		 * Decide what a tip in a currency without a rate pays: by the rate there is now, an amount, or nothing
		 * @description For who may act in: people.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly tip: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "pay": "rate"
					 *     }
					 */
					readonly "application/json": {
						readonly pay: "rate" | "nothing" | number;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly paid: number;
							readonly told: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/connections/event-test": {
		/**
		 * Send the channel a test event
		 * @description For who may act in: connections.
		 */
		readonly post: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly event: number;
							readonly outcome: string;
						} | {
							readonly events: readonly {
								readonly event: number;
								readonly outcome: string;
							}[];
						};
					};
				};
			};
		};
	};
	readonly "/desk/rooms": {
		/**
		 * The chat rooms, each with how it stands
		 * @description For who may look in: connections.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly rooms: readonly {
								readonly id: number;
								readonly settings: {
									readonly room: string;
									readonly network: {
										readonly host: string;
										readonly port: number;
										readonly tls: boolean;
										readonly nick: string;
										readonly account: string;
									} | null;
									readonly moderators: string;
								};
								readonly hasPassword: boolean;
								readonly hasKey: boolean;
								readonly chat: {
									/** @enum {string} */
									readonly status: "off" | "out" | "refused" | "connecting" | "connected";
									readonly sentence: string;
									readonly since: number;
									readonly room: string | null;
									readonly lacks: readonly ("silent" | "moderators")[];
								};
								readonly own: {
									readonly settings: {
										readonly nick: string;
										readonly account: string;
									};
									readonly chat: {
										/** @enum {string} */
										readonly status: "off" | "out" | "refused" | "connecting" | "connected";
										readonly sentence: string;
										readonly since: number;
										readonly room: string | null;
										readonly lacks: readonly ("silent" | "moderators")[];
									};
									readonly mine: boolean;
								} | null;
							}[];
							readonly operators: {
								readonly id: number;
								readonly chat: {
									/** @enum {string} */
									readonly status: "off" | "out" | "refused" | "connecting" | "connected";
									readonly sentence: string;
									readonly since: number;
									readonly room: string | null;
									readonly lacks: readonly ("silent" | "moderators")[];
								};
								readonly own: {
									readonly settings: {
										readonly nick: string;
										readonly account: string;
									};
									readonly chat: {
										/** @enum {string} */
										readonly status: "off" | "out" | "refused" | "connecting" | "connected";
										readonly sentence: string;
										readonly since: number;
										readonly room: string | null;
										readonly lacks: readonly ("silent" | "moderators")[];
									};
									readonly mine: boolean;
								} | null;
							} | null;
							readonly network: string | null;
							readonly inside: boolean;
						};
					};
				};
			};
		};
		/**
		 * Set a chat room: the bot goes there
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "room": "#aabbcc",
					 *         "network": {
					 *           "host": "lamp",
					 *           "port": 1,
					 *           "tls": true,
					 *           "nick": "lamp",
					 *           "account": "lamp"
					 *         },
					 *         "moderators": "@&~"
					 *       },
					 *       "password": "lamp",
					 *       "roomKey": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly settings: {
							readonly room: string;
							readonly network: {
								readonly host: string;
								readonly port: number;
								readonly tls: boolean;
								readonly nick: string;
								readonly account: string;
							} | null;
							readonly moderators: string;
						};
						readonly password: string | null;
						readonly roomKey: string | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly room: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rooms/{id}": {
		/**
		 * Change a chat room
		 * @description For who may change in: connections.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "room": "#aabbcc",
					 *         "network": {
					 *           "host": "lamp",
					 *           "port": 1,
					 *           "tls": true,
					 *           "nick": "lamp",
					 *           "account": "lamp"
					 *         },
					 *         "moderators": "@&~"
					 *       },
					 *       "password": "lamp",
					 *       "roomKey": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly settings: {
							readonly room: string;
							readonly network: {
								readonly host: string;
								readonly port: number;
								readonly tls: boolean;
								readonly nick: string;
								readonly account: string;
							} | null;
							readonly moderators: string;
						};
						readonly password: string | null;
						readonly roomKey: string | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly room: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rooms/{id}/remove": {
		/**
		 * Remove a chat room: the bot leaves it
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/rooms/{id}/test": {
		/**
		 * Let the bot say a test line in one room; 0 is the operator’s
		 * @description For who may act in: connections.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly muted: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rooms/{id}/own-voice": {
		/**
		 * Set as whom the owner speaks in a room by the desk; 0 is the operator’s
		 * @description For owners.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "settings": {
					 *         "nick": "lamp",
					 *         "account": "lamp"
					 *       },
					 *       "password": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly settings: {
							readonly nick: string;
							readonly account: string;
						};
						readonly password: string | null;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly room: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/rooms/{id}/own-voice/remove": {
		/**
		 * Remove as whom the owner speaks in a room: the account leaves, and its password is forgotten
		 * @description For owners.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/say/as-oneself": {
		/**
		 * Say something in chat as the owner, wherever an account of theirs is set for that
		 * @description For owners.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "text": "lamp"
					 *     }
					 */
					readonly "application/json": {
						readonly text: string;
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly muted: boolean;
						};
					};
				};
			};
		};
	};
	readonly "/desk/webhooks": {
		/**
		 * The webhooks, with what they were told last
		 * @description For who may look in: connections.
		 */
		readonly get: {
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly offered: readonly {
								/** @enum {string} */
								readonly kind: "show.started" | "show.ended" | "order.placed" | "order.ended" | "store.codesLow" | "store.low" | "bet.changed" | "bet.ended" | "goal.milestone" | "goal.ended" | "raffle.changed" | "raffle.revealed" | "raffle.ended" | "round.ended" | "rank.changed" | "circle.changed" | "tally.changed" | "event.received" | "redemption.waits" | "tip.waits";
								readonly says: string;
							}[];
							readonly webhooks: readonly {
								readonly id: number;
								readonly name: string;
								readonly address: string;
								readonly kinds: readonly ("show.started" | "show.ended" | "order.placed" | "order.ended" | "store.codesLow" | "store.low" | "bet.changed" | "bet.ended" | "goal.milestone" | "goal.ended" | "raffle.changed" | "raffle.revealed" | "raffle.ended" | "round.ended" | "rank.changed" | "circle.changed" | "tally.changed" | "event.received" | "redemption.waits" | "tip.waits")[];
								readonly failingSince: number | null;
								readonly pausedAt: number | null;
								readonly deliveries: readonly {
									readonly seq: number;
									readonly kind: string;
									readonly at: number;
									readonly sentAt: number;
									readonly tries: number;
									readonly status: number | null;
									readonly problem: string | null;
									readonly again: boolean;
								}[];
							}[];
						};
					};
				};
			};
		};
		/**
		 * Add a webhook: its secret is told once
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "address": "https://example.org/hook",
					 *       "kinds": [
					 *         "show.started"
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly address: string;
						readonly kinds: readonly ("show.started" | "show.ended" | "order.placed" | "order.ended" | "store.codesLow" | "store.low" | "bet.changed" | "bet.ended" | "goal.milestone" | "goal.ended" | "raffle.changed" | "raffle.revealed" | "raffle.ended" | "round.ended" | "rank.changed" | "circle.changed" | "tally.changed" | "event.received" | "redemption.waits" | "tip.waits")[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly webhook: number;
							readonly secret: string;
						};
					};
				};
			};
		};
	};
	readonly "/desk/webhooks/{id}": {
		/**
		 * Change a webhook; one that was paused goes on
		 * @description For who may change in: connections.
		 */
		readonly put: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly requestBody: {
				readonly content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "address": "https://example.org/hook",
					 *       "kinds": [
					 *         "show.started"
					 *       ]
					 *     }
					 */
					readonly "application/json": {
						readonly name: string;
						readonly address: string;
						readonly kinds: readonly ("show.started" | "show.ended" | "order.placed" | "order.ended" | "store.codesLow" | "store.low" | "bet.changed" | "bet.ended" | "goal.milestone" | "goal.ended" | "raffle.changed" | "raffle.revealed" | "raffle.ended" | "round.ended" | "rank.changed" | "circle.changed" | "tally.changed" | "event.received" | "redemption.waits" | "tip.waits")[];
					};
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly webhook: number;
						};
					};
				};
			};
		};
	};
	readonly "/desk/webhooks/{id}/pause": {
		/**
		 * Tell a webhook nothing for now
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/webhooks/{id}/resume": {
		/**
		 * Tell a webhook again, from now on
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/webhooks/{id}/remove": {
		/**
		 * Remove a webhook
		 * @description For who may change in: connections.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": Record<string, never>;
					};
				};
			};
		};
	};
	readonly "/desk/webhooks/{id}/test": {
		/**
		 * Send a test to a webhook, and tell what came of it
		 * @description For who may act in: connections.
		 */
		readonly post: {
			readonly parameters: {
				readonly path: {
					readonly id: number;
				};
			};
			readonly responses: {
				/** @description Done. */
				readonly 200: {
					content: {
						readonly "application/json": {
							readonly arrived: boolean;
							readonly status: number | null;
							readonly problem: string | null;
						};
					};
				};
			};
		};
	};
}
export type webhooks = Record<string, never>;
export interface components {
	schemas: {
		/** @description What went wrong, as RFC 9457 has it. */
		readonly Problem: {
			/** @description The address of a page that explains it. */
			readonly type: string;
			readonly title: string;
			readonly status: number;
			/** @description A sentence that a person can act on. */
			readonly detail: string;
			/** @enum {string} */
			readonly code: "address_missing" | "address_other" | "address_taken" | "adjustment_not_found" | "adjustment_too_old" | "adjustment_undone" | "alert_invalid" | "alert_not_found" | "alert_used" | "already_claimed" | "already_on_air" | "amount_not_whole" | "amount_too_large" | "answer_wrong" | "arguments_wrong" | "balance_too_small" | "batch_refused" | "bet_fixed" | "bet_invalid" | "bet_locked" | "bet_most" | "bet_not_for_you" | "bet_not_found" | "bet_not_in" | "bet_not_locked" | "bet_off_air" | "bet_other_outcome" | "bet_paying" | "bet_picked" | "bet_take_back" | "bet_typed" | "bet_unclear" | "bets_full" | "body_invalid" | "busy" | "change_not_undone" | "change_overtaken" | "changed_meanwhile" | "channel_closed" | "channel_not_found" | "channel_paused" | "channels_enough" | "check_in_off" | "checked_in_already" | "circle_invalid" | "circle_not_found" | "claim_code_wrong" | "codes_enough" | "codes_invalid" | "command_invalid" | "command_not_allowed" | "command_not_found" | "command_off" | "command_off_air" | "command_wrong_place" | "confirm_missing" | "confirm_wrong" | "crop_invalid" | "duel_none" | "duel_not_possible" | "duel_open" | "duel_with_self" | "earning_plan_invalid" | "economy_off" | "event_kind_not_allowed" | "event_not_signed" | "event_out_of_time" | "event_signature_wrong" | "forget_present" | "from_elsewhere" | "game_invalid" | "game_not_for_you" | "game_off" | "game_off_air" | "gap_not_open" | "gap_not_paid" | "gap_too_old" | "goal_below" | "goal_ended" | "goal_fixed" | "goal_invalid" | "goal_largest" | "goal_not_for_you" | "goal_not_found" | "goal_not_in" | "goal_off_air" | "goal_smallest" | "goal_typed" | "goal_withdraw" | "goals_full" | "hand_limit" | "hand_to_self" | "handing_off" | "internal" | "invitation_full" | "invitation_not_found" | "invitation_other" | "invitation_over" | "invitation_used" | "issuer_taken" | "joined_already" | "key_missing" | "key_used" | "media_broken" | "media_empty" | "media_no_room" | "media_not_found" | "media_refused" | "media_too_detailed" | "media_too_long" | "media_type_unknown" | "media_used" | "member_already" | "member_not_found" | "merge_present" | "merge_test_viewer" | "merge_with_self" | "method_unknown" | "name_unknown" | "name_unsure" | "network_missing" | "newcomer_waits" | "nobody_present" | "not_allowed" | "not_found" | "not_inside" | "not_json" | "not_on_air" | "not_ready" | "not_signed_in" | "note_not_found" | "operator_only" | "order_not_done" | "order_not_found" | "order_not_waiting" | "order_twice" | "overlay_invalid" | "overlay_not_found" | "own_voice_invalid" | "own_voice_missing" | "owner_only" | "paused_by_operator" | "payout_too_large" | "person_missing" | "platform_offers_none" | "platform_refused" | "platform_silent" | "provider_down" | "query_invalid" | "raffle_answer" | "raffle_closed" | "raffle_delivered" | "raffle_drawing" | "raffle_drawn" | "raffle_fixed" | "raffle_follow" | "raffle_guess" | "raffle_hours" | "raffle_invalid" | "raffle_most" | "raffle_no_claim" | "raffle_nobody" | "raffle_not_drawn" | "raffle_not_for_you" | "raffle_not_found" | "raffle_not_in" | "raffle_not_open" | "raffle_off_air" | "raffle_seen" | "raffle_waiting" | "raffle_won_lately" | "raffle_wrong_place" | "ranks_invalid" | "redemption_not_waiting" | "rests" | "rests_own" | "returns_too_much" | "reward_closed" | "reward_hours" | "reward_invalid" | "reward_limit_own" | "reward_locked" | "reward_not_for_you" | "reward_not_found" | "reward_not_yet" | "reward_off_air" | "reward_over" | "reward_sold_out" | "rights_beyond" | "rights_missing" | "room_invalid" | "room_not_found" | "room_taken" | "round_full" | "round_not_found" | "round_running" | "run_not_waiting" | "secret_lost" | "secret_wrong" | "show_end_too_early" | "show_still_settling" | "sign_in_again" | "sign_in_denied" | "sign_in_failed" | "sit_out_unclear" | "sitting_out" | "stake_limit" | "stake_too_large" | "stake_too_small" | "steps_too_many" | "supporter_not_found" | "tally_full" | "tally_invalid" | "tally_not_found" | "tally_not_passed" | "tally_too_small" | "team_ends_early" | "test_gets_no_code" | "text_missing" | "text_too_long" | "tip_no_rate" | "token_in_address" | "token_invalid" | "token_not_found" | "token_refused" | "too_large" | "too_many_feeds" | "too_many_people" | "too_many_requests" | "too_many_secrets" | "trigger_invalid" | "trigger_not_found" | "used_up" | "used_up_own" | "viewer_ignored" | "viewer_known" | "viewer_not_found" | "webhook_invalid" | "webhook_not_found" | "words_overlap" | "zone_unknown";
			/** @description The figures that the sentence is made of, where there are any; for `body_invalid`, what is wrong by its place. */
			readonly data?: Record<string, never>;
		};
		/** @description import('#core/steps').Step */
		readonly Step: import('#core/steps').Step;
		/** @description import('#core/access').Who */
		readonly Who: import('#core/access').Who;
		/** @description import('#core/currency').Currency */
		readonly Currency: import('#core/currency').Currency;
		/** @description import('#core/earning').EarningPlan */
		readonly EarningPlan: import('#core/earning').EarningPlan;
		/** @description import('#core/ranks').RankPlan */
		readonly RankPlan: import('#core/ranks').RankPlan;
		/** @description import('#core/screen').PictureRef */
		readonly PictureRef: import('#core/screen').PictureRef;
		/** @description import('#core/screen').SoundRef */
		readonly SoundRef: import('#core/screen').SoundRef;
		/** @description import('#core/screen').AlertSettings */
		readonly AlertSettings: import('#core/screen').AlertSettings;
		/** @description import('#core/screen').Piece */
		readonly Piece: import('#core/screen').Piece;
		/** @description import('#core/screen').OverlaySettings */
		readonly OverlaySettings: import('#core/screen').OverlaySettings;
		/** @description import('#core/commands').ChatWords */
		readonly ChatWords: import('#core/commands').ChatWords;
		/** @description import('#core/commands').CommandSettings */
		readonly CommandSettings: import('#core/commands').CommandSettings;
		/** @description import('#core/voice').Voice */
		readonly Voice: import('#core/voice').Voice;
		/** @description import('#core/triggers').TriggerSettings */
		readonly TriggerSettings: import('#core/triggers').TriggerSettings;
		/** @description import('#core/store').Asks */
		readonly Asks: import('#core/store').Asks;
		/** @description import('#core/store').RewardSettings */
		readonly RewardSettings: import('#core/store').RewardSettings;
		/** @description import('#core/raffles').RaffleSettings */
		readonly RaffleSettings: import('#core/raffles').RaffleSettings;
		/** @description import('#core/bets').BetSettings */
		readonly BetSettings: import('#core/bets').BetSettings;
		/** @description import('#core/bets').BetTerms */
		readonly BetTerms: import('#core/bets').BetTerms;
		/** @description import('#core/goals').GoalSettings */
		readonly GoalSettings: import('#core/goals').GoalSettings;
		/** @description import('#core/games').GameWord */
		readonly GameWord: import('#core/games').GameWord;
		/** @description import('#core/games').HeistSite */
		readonly HeistSite: import('#core/games').HeistSite;
		/** @description import('#core/games').Wagering */
		readonly Wagering: import('#core/games').Wagering;
		/** @description import('#core/games').SettingsOf['heist'] */
		readonly HeistSettings: import('#core/games').SettingsOf['heist'];
		/** @description import('#core/games').SettingsOf['duel'] */
		readonly DuelSettings: import('#core/games').SettingsOf['duel'];
		/** @description import('#core/games').SettingsOf['roulette'] */
		readonly RouletteSettings: import('#core/games').SettingsOf['roulette'];
		/** @description import('#core/games').SettingsOf['reels'] */
		readonly ReelsSettings: import('#core/games').SettingsOf['reels'];
		/** @description import('#core/games').SettingsOf['coin'] */
		readonly CoinSettings: import('#core/games').SettingsOf['coin'];
		/** @description import('#core/games').SettingsOf['cup'] */
		readonly CupSettings: import('#core/games').SettingsOf['cup'];
		/** @description import('#core/games').SettingsOf['scramble'] */
		readonly ScrambleSettings: import('#core/games').SettingsOf['scramble'];
		/** @description import('#core/games').SettingsOf['boss'] */
		readonly BossSettings: import('#core/games').SettingsOf['boss'];
	};
	responses: never;
	parameters: never;
	requestBodies: never;
	headers: never;
	pathItems: never;
}
export type $defs = Record<string, never>;
export type operations = Record<string, never>;
