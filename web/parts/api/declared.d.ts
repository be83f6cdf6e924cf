// Made by `npm run docs` from what the routes declare. Not to be edited.
export interface paths {
	"/desk/status": {
		/** How the show stands: figures of the show bar */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							seq: number;
							now: number;
							channel: {
								slug: string;
								name: string;
							};
							caller: string;
							currency: components["schemas"]["Currency"];
							chat: {
								/** @enum {string} */
								status: "off" | "refused" | "connecting" | "connected";
								sentence: string;
								since: number;
								room: string | null;
							};
							overlays: {
								id: number;
								connected: boolean;
							}[];
							voice: {
								muted: boolean;
								/** @enum {string} */
								reply: "plain" | "mention" | "private";
								silent: ("answers" | "store" | "games" | "raffles" | "thanks" | "ranks" | "triggers")[];
								hints: boolean;
							};
							show: {
								channel: number;
								id: number;
								title: string;
								/** @enum {string} */
								status: "on" | "ended" | "closing";
								number: number;
								startedAt: number;
								endedAt: number | null;
								countsFrom: number;
								pausedAt: number | null;
								guest: string | null;
								paid: number;
								spent: number;
								lines: number;
							} | null;
							present: number;
							forgotten: number | null;
							resumable: {
								title: string;
								endedAt: number;
							} | null;
						};
					};
				};
			};
		};
	};
	"/desk/evening": {
		/** What was paid and spent in each minute of the evening */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							show: {
								channel: number;
								id: number;
								title: string;
								/** @enum {string} */
								status: "on" | "ended" | "closing";
								number: number;
								startedAt: number;
								endedAt: number | null;
								countsFrom: number;
								pausedAt: number | null;
								guest: string | null;
								paid: number;
								spent: number;
								lines: number;
							} | null;
							minutes: {
								minute: number;
								paid: number;
								spent: number;
							}[];
							end?: number;
						};
					};
				};
			};
		};
	};
	"/desk/chat": {
		/** The last lines of chat */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							seq: number;
							lines: ({
								seq: number;
								at: number;
								/** @constant */
								kind: "chat.said";
								body: {
									viewer: number;
									name: string;
									text: string;
								};
							} | {
								seq: number;
								at: number;
								/** @constant */
								kind: "chat.replied";
								body: {
									to: string | null;
									text: string;
									likeness?: string;
									first?: boolean;
									viewer?: number;
									code?: Record<string, never>;
								};
							})[];
						};
					};
				};
			};
		};
	};
	"/desk/show/start": {
		/** Go on air */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "title": "lamp"
					 *     }
					 */
					"application/json": {
						title: string;
						resume?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							show: number;
							resumed: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/show/end": {
		/** Go off air */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							show: number;
							seconds: number;
						};
					};
				};
			};
		};
	};
	"/desk/show/close": {
		/** Close a show that was forgotten on air, at the time when it was really over */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "endedAt": 1
					 *     }
					 */
					"application/json": {
						endedAt: number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							show: number;
							seconds: number;
						};
					};
				};
			};
		};
	};
	"/desk/earning": {
		/** The earning plan, its draft, and what they are measured by */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							plan: components["schemas"]["EarningPlan"];
							draft: {
								plan: components["schemas"]["EarningPlan"] | null;
								nextShow: boolean;
								by: string;
								at: number;
							};
							currency: components["schemas"]["Currency"];
							circles: {
								id: number;
								name: string;
							}[];
							zone: string;
							week: {
								shows: number;
								seconds: number;
								usual: boolean;
							};
						};
					};
				};
			};
		};
		/** Change the earning plan */
		put: {
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["EarningPlan"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							plan: components["schemas"]["EarningPlan"];
						};
					};
				};
			};
		};
	};
	"/desk/earning/history": {
		/** Every plan that was applied, the latest first */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							plans: {
								id: number;
								at: number;
								by: string;
								plan: components["schemas"]["EarningPlan"];
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/earning/draft": {
		/** Keep a draft of the plan, or have it applied when the next show starts */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						plan: components["schemas"]["EarningPlan"] | null;
						nextShow: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							nextShow: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/gaps": {
		/** Times when chat was away during a show, and what became of them */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							gaps: {
								id: number;
								from: number;
								until: number;
								people: number;
								/** @enum {string} */
								status: "paid" | "open" | "undone" | "dismissed";
								endedAt: number | null;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/gaps/{gap}/pay": {
		/** Pay such a time to who was there before and after it, or tell what it would come to */
		post: {
			parameters: {
				path: {
					gap: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "preview": true
					 *     }
					 */
					"application/json": {
						preview: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							people: number;
							total: number;
							seconds?: number;
						};
					};
				};
			};
		};
	};
	"/desk/gaps/{gap}/end": {
		/** Let such a time go, or take its payment back within ten minutes */
		post: {
			parameters: {
				path: {
					gap: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "how": "dismiss"
					 *     }
					 */
					"application/json": {
						/** @enum {string} */
						how: "dismiss" | "undo";
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							people: number;
							total: number;
						} | {
							people: number;
							owed: number;
						};
					};
				};
			};
		};
	};
	"/desk/show/guest": {
		/** Show somebody else’s channel, with earning going on or paused; or one’s own again */
		put: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "guest": "lamp",
					 *       "earning": "going"
					 *     }
					 */
					"application/json": {
						guest: string | null;
						/** @enum {string} */
						earning: "going" | "paused";
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							paused: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/present": {
		/** Who is in the room */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							viewers: {
								id: number;
								name: string;
								moderator: boolean;
								balance: number;
								tonight: number | null;
							}[];
							total: number;
							chatting: number;
						};
					};
				};
			};
		};
	};
	"/desk/viewers/{viewer}": {
		/** All that is known of one viewer */
		get: {
			parameters: {
				path: {
					viewer: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							viewer: {
								id: number;
								name: string;
								chatName: string;
								nickname: string | null;
								issuer: string;
								account: string;
								accountKey: string;
								moderator: boolean;
								ignored: boolean;
								followedAt: number | null;
								tier: number;
								subscribedSince: number | null;
								subscribedUntil: number | null;
								circles: number[];
								circlesByHand: {
									[key: string]: "in" | "out";
								};
								rank: number | null;
								unlisted: boolean;
								archivedAt: number | null;
								mergedInto: number | null;
								present: boolean;
								presentSince: number | null;
								counting: boolean;
								countedUntil: number;
								watchedSeconds: number;
								showId: number | null;
								showSeconds: number;
								chattedAt: number | null;
								firstSeenAt: number;
								lastSeenAt: number;
								attended: number;
								attendedShow: number;
								balance: number;
								earned: number;
							};
							standings: string[];
							circles: {
								id: number;
								name: string;
							}[];
							rank: {
								/** @enum {string} */
								measure: "hours" | "earned";
								value: number;
								held: {
									name: string;
									from: number;
									/** @enum {string} */
									badge: "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
								next: {
									name: string;
									from: number;
									/** @enum {string} */
									badge: "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
							};
							hours: {
								show: number | null;
								days: number;
							};
							attended: {
								count: number;
								of: number;
							};
							shows: {
								startedAt: number;
								title: string;
								seconds: number;
								attended: boolean;
							}[];
							habits: {
								streak: number;
								bestStreak: number;
								checkIns: number;
							};
							tallies: {
								id: number;
								name: string;
								one: string;
								many: string;
								total: number;
							}[];
							notes: {
								id: number;
								at: number;
								by: string;
								text: string;
							}[];
							aliases: string[];
						};
					};
				};
			};
		};
		/** Change what the team keeps of somebody: nickname, standings, whether they are listed */
		put: {
			parameters: {
				path: {
					viewer: number;
				};
			};
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						nickname?: string;
						follower?: boolean;
						tier?: number;
						unlisted?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/viewers/{viewer}/trail": {
		/** Why somebody’s balance is what it is */
		get: {
			parameters: {
				query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					before?: number;
					/** @description One kind of entry alone. */
					only?: "earned" | "spent" | "hand";
				};
				path: {
					viewer: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							entries: {
								id: number;
								at: number;
								change: number;
								balance: number | null;
								why: string;
							}[];
							before: number | null;
						};
					};
				};
			};
		};
	};
	"/desk/viewers": {
		/** Viewers whose name begins so */
		get: {
			parameters: {
				query?: {
					/** @description How the name begins. The first 60 letters count. */
					name?: string;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							viewers: {
								id: number;
								name: string;
								lastSeenAt: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/people": {
		/** Everybody whom the channel knows, page by page */
		get: {
			parameters: {
				query?: {
					/** @description A part of the name, or how it begins. The first 60 letters count. */
					name?: string;
					/** @description 1: only who is in the room now. */
					present?: "0" | "1";
					/** @description Who of those that lists leave out is among them. */
					shown?: "listed" | "ignored" | "archived" | "all";
					/** @description A standing, such as “follower” or “circle:3”. The first 40 letters count. */
					standing?: string;
					/** @description The number of a rank. */
					rank?: number;
					/** @description Who holds at least so much. */
					balanceFrom?: number;
					/** @description Who holds at most so much. */
					balanceTo?: number;
					/** @description Who has watched at least so many hours. */
					hoursFrom?: number;
					/** @description Who has earned at least so much. */
					earnedFrom?: number;
					/** @description Who was seen after this moment (seconds since 1970). */
					seenAfter?: number;
					/** @description Who was seen before this moment (seconds since 1970). */
					seenBefore?: number;
					/** @description What they are in the order of. */
					sort?: "name" | "balance" | "hours" | "earned" | "seen" | "since";
					/** @description 0: the smallest first; 1: the largest. */
					down?: "0" | "1";
					/** @description How many to leave out: the page after this one. */
					offset?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							people: {
								id: number;
								issuer: string;
								account: string;
								ignored: boolean;
								unlisted: boolean;
								name: string;
								nickname: string | null;
								chatName: string;
								moderator: boolean;
								present: boolean;
								followedAt: number | null;
								tier: number;
								subscribedUntil: number | null;
								circles: number[];
								rank: number | null;
								balance: number;
								earned: number;
								watchedSeconds: number;
								firstSeenAt: number;
								lastSeenAt: number;
							}[];
							total: number;
						};
					};
				};
			};
		};
	};
	"/desk/people.csv": {
		/** The same people as a file of comma-separated values */
		get: {
			parameters: {
				query?: {
					/** @description A part of the name, or how it begins. The first 60 letters count. */
					name?: string;
					/** @description 1: only who is in the room now. */
					present?: "0" | "1";
					/** @description Who of those that lists leave out is among them. */
					shown?: "listed" | "ignored" | "archived" | "all";
					/** @description A standing, such as “follower” or “circle:3”. The first 40 letters count. */
					standing?: string;
					/** @description The number of a rank. */
					rank?: number;
					/** @description Who holds at least so much. */
					balanceFrom?: number;
					/** @description Who holds at most so much. */
					balanceTo?: number;
					/** @description Who has watched at least so many hours. */
					hoursFrom?: number;
					/** @description Who has earned at least so much. */
					earnedFrom?: number;
					/** @description Who was seen after this moment (seconds since 1970). */
					seenAfter?: number;
					/** @description Who was seen before this moment (seconds since 1970). */
					seenBefore?: number;
					/** @description What they are in the order of. */
					sort?: "name" | "balance" | "hours" | "earned" | "seen" | "since";
					/** @description 0: the smallest first; 1: the largest. */
					down?: "0" | "1";
				};
			};
			responses: {
				/** @description The file. */
				200: {
					content: {
						"text/csv": string;
					};
				};
			};
		};
	};
	"/desk/people/correct": {
		/** Give to, take from or set the balance of people by hand */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						viewers: number[] | "present" | string;
						/** @enum {string} */
						of: "balance" | "hours";
						/** @enum {string} */
						how: "give" | "take" | "set";
						amount: number;
						why: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							adjustments: number[];
							asked: number;
							changed: number;
							total: number;
						};
					};
				};
			};
		};
	};
	"/desk/people/corrections": {
		/** Corrections that can still be taken back */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							corrections: {
								adjustments: number[];
								at: number;
								by: string;
								/** @enum {string} */
								of: "balance" | "hours";
								why: string;
								people: number;
								total: number;
								name: string | null;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/people/undo": {
		/** Take corrections back, within ten minutes */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "adjustments": [
					 *         1
					 *       ]
					 *     }
					 */
					"application/json": {
						adjustments: number[];
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							changed: number;
							total: number;
							owed: number;
							owing: {
								viewer: string;
								owed: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/viewers/{viewer}/notes": {
		/** Write a note about somebody */
		post: {
			parameters: {
				path: {
					viewer: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "text": "lamp"
					 *     }
					 */
					"application/json": {
						text: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							note: number;
						};
					};
				};
			};
		};
	};
	"/desk/notes/{note}/remove": {
		/** Remove a note */
		post: {
			parameters: {
				path: {
					note: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/viewers/{viewer}/merge": {
		/** Make one person of two accounts; the one in the address is given up */
		post: {
			parameters: {
				path: {
					viewer: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "into": 1
					 *     }
					 */
					"application/json": {
						into: number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							viewer: number;
							moved: number;
						};
					};
				};
			};
		};
	};
	"/desk/viewers/{viewer}/forget": {
		/** Forget somebody for good */
		post: {
			parameters: {
				path: {
					viewer: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "confirm": "lamp"
					 *     }
					 */
					"application/json": {
						confirm: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							forgotten: number;
							amount: number;
						};
					};
				};
			};
		};
	};
	"/desk/people/add": {
		/** Make somebody known before they ever come */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "account": "lamp"
					 *     }
					 */
					"application/json": {
						account: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							viewer: number;
						};
					};
				};
			};
		};
	};
	"/desk/people/ignore": {
		/** Ignore people, or know them again */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewers": [
					 *         1
					 *       ],
					 *       "ignored": true
					 *     }
					 */
					"application/json": {
						viewers: number[];
						ignored: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							changed: number;
						};
					};
				};
			};
		};
	};
	"/desk/people/archive": {
		/** Put people aside, or take them back */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewers": [
					 *         1
					 *       ],
					 *       "archived": true
					 *     }
					 */
					"application/json": {
						viewers: number[];
						archived: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							changed: number;
						};
					};
				};
			};
		};
	};
	"/desk/people/import": {
		/** Take in a part of a file of people; the same part again changes nothing */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						digest: string;
						lines: ({
							account: string;
							name: string;
							balance: number | null;
							seconds: number | null;
							kept?: {
								nickname?: string | null;
								moderator?: boolean;
								followedAt?: number | null;
								tier?: number;
								subscribedUntil?: number | null;
								circles?: number[];
								ignored?: boolean;
								unlisted?: boolean;
							};
						} | {
							issuer: string;
							account: string;
							name: string;
							balance: number | null;
							seconds: number | null;
							kept?: {
								nickname?: string | null;
								moderator?: boolean;
								followedAt?: number | null;
								tier?: number;
								subscribedUntil?: number | null;
								circles?: number[];
								ignored?: boolean;
								unlisted?: boolean;
							};
						})[];
						/** @enum {string} */
						how: "add" | "set";
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							again: boolean;
							added: number;
							changed: number;
						};
					};
				};
			};
		};
	};
	"/desk/people/reset": {
		/** Set everybody’s balance or hours to nothing; can be taken back for a day */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "of": "balance",
					 *       "confirm": "lamp"
					 *     }
					 */
					"application/json": {
						/** @enum {string} */
						of: "balance" | "hours";
						confirm: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							adjustments: number[];
							asked: number;
							changed: number;
							total: number;
						};
					};
				};
			};
		};
	};
	"/desk/people/archive-unseen": {
		/** Archive who was not seen for so many days, or tell how many that would be */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "days": 1,
					 *       "preview": true
					 *     }
					 */
					"application/json": {
						days: number;
						preview: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							people: number;
						};
					};
				};
			};
		};
	};
	"/desk/supporters": {
		/** Support that waits to be matched to a person */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							supporters: {
								id: number;
								at: number;
								account: string;
								name: string;
								support: {
									/** @constant */
									kind: "follow";
								} | {
									/** @enum {string} */
									kind: "subscription" | "resubscription";
									tier: number;
								} | {
									/** @constant */
									kind: "gift";
									count: number;
									tier: number;
								} | {
									/** @constant */
									kind: "giftReceived";
									tier: number;
								} | {
									/** @constant */
									kind: "raid";
									viewers: number;
								} | {
									/** @constant */
									kind: "tip";
									minorUnits: number;
									currency?: string;
								} | {
									/** @constant */
									kind: "cheer";
									units: number;
								};
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/supporters/{supporter}/match": {
		/** Say who a supporter was, for all that waits under that name; null: nobody */
		post: {
			parameters: {
				path: {
					supporter: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewer": 1
					 *     }
					 */
					"application/json": {
						viewer: number | null;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							matched: number;
							paid: number;
						};
					};
				};
			};
		};
	};
	"/me/standing": {
		/** The caller’s own rank, standings, circles, hours and streak */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							known: boolean;
							ranks?: number;
							standings: string[];
							circles: string[];
							rank: {
								/** @enum {string} */
								measure: "hours" | "earned";
								value: number;
								held: {
									name: string;
									from: number;
									/** @enum {string} */
									badge: "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
								next: {
									name: string;
									from: number;
									/** @enum {string} */
									badge: "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
								} | null;
							} | null;
							checkIn: {
								open: boolean;
								done: boolean;
								streak: number;
								best: number;
							} | null;
							listed: boolean;
							names?: {
								[key: string]: string;
							};
							watchedSeconds?: number;
						};
					};
				};
			};
		};
	};
	"/me/check-in": {
		/** Check in to the show */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							paid: number;
							streak: number;
						};
					};
				};
			};
		};
	};
	"/me/listed": {
		/** Be in the public lists, or not */
		put: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "listed": true
					 *     }
					 */
					"application/json": {
						listed: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/me/messages": {
		/** What was told the caller alone, the latest first */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							messages: {
								id: number;
								at: number;
								text: string;
							}[];
						};
					};
				};
			};
		};
	};
	"/lists": {
		/** Top lists, with the caller’s own place */
		get: {
			parameters: {
				query?: {
					/** @description What is counted. */
					list?: "balance" | "hours" | "earned";
					/** @description In which time. */
					period?: "all" | "days" | "show";
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							places: {
								place: number;
								id: number;
								name: string;
								value: number;
							}[];
							own: {
								place: number;
								id: number;
								name: string;
								value: number;
							} | null;
						};
					};
				};
			};
		};
	};
	"/me/accounts": {
		/** The accounts that are known to be the caller’s */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							signedIn: string;
							separate: boolean;
							chat: string[];
						};
					};
				};
			};
		};
	};
	"/me/link": {
		/** Make a code that, said in chat, links the account there to the caller’s */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							say: string;
							seconds: number;
						};
					};
				};
			};
		};
	};
	"/store": {
		/** The store as viewers see it */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							at: number;
							changesAt: number | null;
							seq: number;
							slug: string;
							name: string;
							currency: components["schemas"]["Currency"];
							plan: components["schemas"]["EarningPlan"];
							circles: {
								id: number;
								name: string;
							}[];
							words: {
								here: string;
								get: string;
							};
							show: {
								title: string;
								startedAt: number;
							} | null;
							rewards: {
								id: number;
								word: string;
								command: boolean;
								name: string;
								description: string;
								group: string;
								price: number;
								/** @enum {string} */
								kind: "hand" | "itself" | "code";
								picture: ("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string;
								asks: {
									/** @constant */
									of: "nothing";
								} | {
									/** @constant */
									of: "text";
									question: string;
									least: number;
									most: number;
								} | {
									/** @constant */
									of: "choice";
									question: string;
									choices: string[];
								} | {
									/** @constant */
									of: "number";
									question: string;
									from: number;
									to: number;
								} | {
									/** @constant */
									of: "link";
									question: string;
								};
								confirm: string;
								post: number | null;
								lasts: number | null;
								left: number | null;
								limits: string[];
								why: {
									/** @enum {string} */
									code: "arguments_wrong" | "name_unknown" | "name_unsure" | "used_up" | "used_up_own" | "address_missing" | "command_invalid" | "command_not_allowed" | "command_not_found" | "command_off" | "command_off_air" | "command_wrong_place" | "confirm_missing" | "order_twice" | "raffle_fixed" | "returns_too_much" | "reward_invalid" | "run_not_waiting" | "secret_wrong" | "steps_too_many" | "too_many_people" | "check_in_off" | "checked_in_already" | "earning_plan_invalid" | "gap_not_open" | "gap_not_paid" | "gap_too_old" | "newcomer_waits" | "zone_unknown" | "supporter_not_found" | "tip_no_rate" | "bet_unclear" | "duel_none" | "duel_not_possible" | "duel_open" | "duel_with_self" | "game_invalid" | "game_not_for_you" | "game_off" | "game_off_air" | "joined_already" | "not_inside" | "payout_too_large" | "round_full" | "round_not_found" | "round_running" | "sit_out_unclear" | "sitting_out" | "stake_limit" | "stake_too_large" | "stake_too_small" | "amount_not_whole" | "amount_too_large" | "balance_too_small" | "alert_used" | "media_not_found" | "media_used" | "adjustment_not_found" | "adjustment_too_old" | "adjustment_undone" | "confirm_wrong" | "forget_present" | "hand_limit" | "hand_to_self" | "handing_off" | "merge_present" | "merge_with_self" | "note_not_found" | "text_missing" | "viewer_ignored" | "viewer_known" | "viewer_not_found" | "raffle_closed" | "raffle_delivered" | "raffle_drawing" | "raffle_drawn" | "raffle_follow" | "raffle_hours" | "raffle_invalid" | "raffle_most" | "raffle_no_claim" | "raffle_nobody" | "raffle_not_drawn" | "raffle_not_for_you" | "raffle_not_found" | "raffle_not_in" | "raffle_not_open" | "raffle_off_air" | "raffle_seen" | "raffle_waiting" | "raffle_won_lately" | "raffle_wrong_place" | "words_overlap" | "circle_invalid" | "circle_not_found" | "ranks_invalid" | "alert_invalid" | "alert_not_found" | "overlay_invalid" | "overlay_not_found" | "already_on_air" | "not_on_air" | "show_end_too_early" | "show_still_settling" | "answer_wrong" | "codes_invalid" | "order_not_done" | "order_not_found" | "order_not_waiting" | "rests" | "rests_own" | "reward_closed" | "reward_hours" | "reward_limit_own" | "reward_locked" | "reward_not_for_you" | "reward_not_found" | "reward_not_yet" | "reward_off_air" | "reward_over" | "reward_sold_out" | "text_too_long" | "tally_full" | "tally_invalid" | "tally_not_found" | "tally_not_passed" | "tally_too_small" | "person_missing" | "redemption_not_waiting" | "trigger_invalid" | "trigger_not_found";
									sentence: string;
									until: (string | number) | null;
								} | null;
							}[];
							secrets: boolean;
							games: boolean;
							raffles: boolean;
							signedIn: string | null;
						};
					};
				};
			};
		};
	};
	"/me": {
		/** The caller’s own balance and orders */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							name: string;
							balance: number;
							present: boolean;
							watchedSeconds: number;
							orders: {
								id: number;
								rewardName: string;
								price: number;
								text: string | null;
								/** @enum {string} */
								status: "waiting" | "running" | "back" | "done" | "refunded";
								placedAt: number;
								endedAt: number | null;
								endsAt: number | null;
								code: string | null;
								place: number | null;
								posted: boolean;
							}[];
						};
					};
				};
			};
		};
	};
	"/me/trail": {
		/** Why the caller’s balance is what it is */
		get: {
			parameters: {
				query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					before?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							entries: {
								id: number;
								at: number;
								change: number;
								balance: number | null;
								why: string;
							}[];
							before: number | null;
						};
					};
				};
			};
		};
	};
	"/orders": {
		/** Buy a reward */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "text": "lamp"
					 *     }
					 */
					"application/json": {
						word: string;
						text: string;
						address?: string | null;
						confirmed?: boolean;
						again?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							code: string | null;
							order: number;
							/** @enum {string} */
							status: "waiting" | "running" | "back" | "done" | "refunded";
							price: number;
							balance: number;
						};
					};
				};
			};
		};
	};
	"/unlock": {
		/** Say a secret word */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "word": "lamp"
					 *     }
					 */
					"application/json": {
						word: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							unlocked: string[];
						};
					};
				};
			};
		};
	};
	"/desk/orders": {
		/** Orders that wait on the bench */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							orders: {
								id: number;
								reward: number;
								rewardName: string;
								viewer: number;
								viewerName: string;
								price: number;
								text: string | null;
								/** @enum {string} */
								status: "waiting" | "running" | "back" | "done" | "refunded";
								placedAt: number;
								endedAt: number | null;
								endedBy: string | null;
								takenBy: string | null;
								endsAt: number | null;
								byHand: boolean;
								posted: boolean;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/orders/history": {
		/** All orders, a page at a time */
		get: {
			parameters: {
				query?: {
					/** @description Which of them. */
					shown?: "open" | "running" | "done" | "refunded" | "all";
					/** @description The orders of one reward, by its number. */
					reward?: number;
					/** @description The orders of one person, by their number. */
					viewer?: number;
					/** @description Words of the order, the reward or the name. The first 100 letters count. */
					text?: string;
					/** @description Which come first. */
					order?: "newest" | "oldest";
					/** @description The page after the order of this number. */
					after?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							orders: {
								id: number;
								reward: number;
								rewardName: string;
								viewer: number;
								viewerName: string;
								price: number;
								text: string | null;
								/** @enum {string} */
								status: "waiting" | "running" | "back" | "done" | "refunded";
								placedAt: number;
								endedAt: number | null;
								endedBy: string | null;
								takenBy: string | null;
								endsAt: number | null;
								byHand: boolean;
								posted: boolean;
							}[];
							after: number | null;
							counts: {
								open: number;
								running: number;
								done: number;
								refunded: number;
							};
						};
					};
				};
			};
		};
	};
	"/desk/orders.csv": {
		/** The same orders as a file of comma-separated values */
		get: {
			parameters: {
				query?: {
					/** @description Which of them. */
					shown?: "open" | "running" | "done" | "refunded" | "all";
					/** @description The orders of one reward, by its number. */
					reward?: number;
					/** @description The orders of one person, by their number. */
					viewer?: number;
					/** @description Words of the order, the reward or the name. The first 100 letters count. */
					text?: string;
					/** @description Which come first. */
					order?: "newest" | "oldest";
				};
			};
			responses: {
				/** @description The file. */
				200: {
					content: {
						"text/csv": string;
					};
				};
			};
		};
	};
	"/desk/orders/{order}/address": {
		/** Where an order is sent */
		get: {
			parameters: {
				path: {
					order: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							address: string | null;
						};
					};
				};
			};
		};
	};
	"/desk/orders/{order}/done": {
		/** Mark an order as done; the buyer is told the message, or the reward’s own text */
		post: {
			parameters: {
				path: {
					order: number;
				};
			};
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						message?: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							order: number;
							/** @enum {string} */
							status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	"/desk/orders/{order}/give-back": {
		/** Give an order’s price back */
		post: {
			parameters: {
				path: {
					order: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							order: number;
							/** @enum {string} */
							status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	"/desk/orders/{order}/reopen": {
		/** Take up an order again that was marked done */
		post: {
			parameters: {
				path: {
					order: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							order: number;
							/** @enum {string} */
							status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	"/desk/orders/{order}/take": {
		/** Say that one sees to an order */
		post: {
			parameters: {
				path: {
					order: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							order: number;
							/** @enum {string} */
							status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	"/desk/orders/{order}/leave": {
		/** Leave an order to others again */
		post: {
			parameters: {
				path: {
					order: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							order: number;
							/** @enum {string} */
							status?: "waiting" | "running" | "back" | "done" | "refunded";
						};
					};
				};
			};
		};
	};
	"/desk/orders/many": {
		/** Do the same with many orders: mark them done, or give their price back */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "orders": [
					 *         1
					 *       ],
					 *       "does": "done"
					 *     }
					 */
					"application/json": {
						orders: number[];
						/** @enum {string} */
						does: "done" | "give-back";
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							done: number;
							refused: string[];
						};
					};
				};
			};
		};
	};
	"/desk/overlays": {
		/** Add an overlay */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "name": "lamp"
					 *     }
					 */
					"application/json": {
						name: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							overlay: number;
						};
					};
				};
			};
		};
	};
	"/desk/overlays/{overlay}": {
		/** Change an overlay’s name, size and pieces */
		put: {
			parameters: {
				path: {
					overlay: number;
				};
			};
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["OverlaySettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							overlay: number;
							settings: components["schemas"]["OverlaySettings"];
						};
					};
				};
			};
		};
	};
	"/desk/overlays/{overlay}/renew": {
		/** Give an overlay a new address */
		post: {
			parameters: {
				path: {
					overlay: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							overlay: number;
						};
					};
				};
			};
		};
	};
	"/desk/overlays/{overlay}/remove": {
		/** Take an overlay away */
		post: {
			parameters: {
				path: {
					overlay: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/screen/test": {
		/** Play an alert on every overlay now; null: one that shows whether they are seen and heard */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "alert": 1
					 *     }
					 */
					"application/json": {
						alert: number | null;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/screen/control": {
		/** Skip, clear, pause or go on with the alerts */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "what": "skip"
					 *     }
					 */
					"application/json": {
						/** @enum {string} */
						what: "skip" | "clear" | "pause" | "resume";
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							paused: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/alerts": {
		/** Make an alert */
		post: {
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["AlertSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							alert: number;
							settings: components["schemas"]["AlertSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/alerts/{id}": {
		/** Change an alert */
		put: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["AlertSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							alert: number;
							settings: components["schemas"]["AlertSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/alerts/{id}/remove": {
		/** Take an alert away */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/screen": {
		/** Overlays, alerts and the library */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							overlays: {
								connected: boolean;
								id: number;
								name: string;
								secret: string;
								width: number;
								height: number;
								pieces: components["schemas"]["Piece"][];
								background: string | null;
								seenAt: number | null;
							}[];
							paused: boolean;
							alerts: {
								uses: string[];
								id: number;
								settings: components["schemas"]["AlertSettings"];
							}[];
							media: {
								uses: string[];
								file: string;
								name: string;
								/** @enum {string} */
								kind: "picture" | "sound" | "video";
								bytes: number;
								width: number | null;
								height: number | null;
								ms: number | null;
								addedAt: number;
							}[];
							room: {
								used: number;
								most: number;
								each: number;
							};
						};
					};
				};
			};
		};
	};
	"/desk/media": {
		/** Put a file into the library: its bytes as the body, pictures cropped as asked */
		post: {
			parameters: {
				query?: {
					/** @description What it is called. The first 200 letters count. */
					name?: string;
					/** @description The part of a picture to take, “x,y,w,h” in ten-thousandths. The first 40 letters count. */
					crop?: string;
				};
			};
			requestBody: {
				content: {
					"application/octet-stream": string;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							file: string;
							known: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/media/{file}": {
		/** Rename a file of the library */
		put: {
			parameters: {
				path: {
					file: string;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "name": "lamp"
					 *     }
					 */
					"application/json": {
						name: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							file: string;
						};
					};
				};
			};
		};
	};
	"/desk/media/{file}/remove": {
		/** Take a file out of the library */
		post: {
			parameters: {
				path: {
					file: string;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/ranks": {
		/** Ranks and circles, and how many people are in each */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							plan: components["schemas"]["RankPlan"];
							circles: {
								id: number;
								name: string;
								rules: {
									hours: number | null;
									shows: {
										least: number;
										of: number;
									} | null;
									followerDays: number | null;
									subscriberMonths: number | null;
									rank: number | null;
								};
								keep: boolean;
								goneAt: number | null;
							}[];
							counts: {
								ranks: {
									id: number | null;
									count: number;
								}[];
								circles: {
									id: number;
									count: number;
								}[];
							};
							currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
		/** Change the ranks; everybody’s follows at once */
		put: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "measure": "hours",
					 *       "ranks": [
					 *         {
					 *           "id": 1,
					 *           "name": "lamp",
					 *           "from": 0,
					 *           "needs": "follower",
					 *           "badge": "washer"
					 *         }
					 *       ],
					 *       "announce": "lamp"
					 *     }
					 */
					"application/json": components["schemas"]["RankPlan"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							ranks: number;
						};
					};
				};
			};
		};
	};
	"/desk/ranks/preview": {
		/** Who would rise and who would fall by other ranks */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "measure": "hours",
					 *       "ranks": [
					 *         {
					 *           "id": 1,
					 *           "name": "lamp",
					 *           "from": 0,
					 *           "needs": "follower",
					 *           "badge": "washer"
					 *         }
					 *       ],
					 *       "announce": "lamp"
					 *     }
					 */
					"application/json": components["schemas"]["RankPlan"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							rises: {
								count: number;
								people: {
									name: string;
									before: string | null;
									after: string | null;
								}[];
							};
							falls: {
								count: number;
								people: {
									name: string;
									before: string | null;
									after: string | null;
								}[];
							};
						};
					};
				};
			};
		};
	};
	"/desk/circles": {
		/** Make or change a circle; who is in it follows at once */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						circle: number | null;
						settings: {
							name: string;
							keep: boolean;
							rules: {
								hours: number | null;
								shows: {
									least: number;
									of: number;
								} | null;
								followerDays: number | null;
								subscriberMonths: number | null;
								rank: number | null;
							};
						};
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							circle: number;
						};
					};
				};
			};
		};
	};
	"/desk/circles/{circle}/close": {
		/** Close a circle */
		post: {
			parameters: {
				path: {
					circle: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/circles/{circle}/join": {
		/** Take people into a circle, keep them out of it, or leave it to its rules */
		post: {
			parameters: {
				path: {
					circle: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewers": [
					 *         1
					 *       ],
					 *       "how": "in"
					 *     }
					 */
					"application/json": {
						viewers: number[];
						/** @enum {string} */
						how: "in" | "out" | "rules";
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							changed: number;
						};
					};
				};
			};
		};
	};
	"/desk/commands": {
		/** Commands, triggers and tallies, and whether each of them works now */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							commands: {
								id: number;
								settings: components["schemas"]["CommandSettings"];
								who: string;
								ready: {
									ready: boolean;
									sentence: string;
									mend: {
										page: string;
										label: string;
									} | null;
								};
							}[];
							triggers: {
								id: number;
								settings: components["schemas"]["TriggerSettings"];
								dueAt: number | null;
								who: string;
								ready: {
									ready: boolean;
									sentence: string;
									mend: {
										page: string;
										label: string;
									} | null;
								};
							}[];
							tallies: {
								id: number;
								goneAt: number | null;
								key: string;
								one: string;
								many: string;
								name: string;
								ceiling: number | null;
								passing: boolean;
							}[];
							circles: {
								id: number;
								name: string;
								rules: {
									hours: number | null;
									shows: {
										least: number;
										of: number;
									} | null;
									followerDays: number | null;
									subscriberMonths: number | null;
									rank: number | null;
								};
								keep: boolean;
								goneAt: number | null;
							}[];
							rewards: {
								id: number;
								name: string;
								/** @enum {string} */
								kind: "hand" | "itself" | "code";
								steps: components["schemas"]["Step"][];
								settings: {
									word: string;
									command: boolean;
									name: string;
								};
							}[];
							alerts: {
								id: number;
								name: string;
							}[];
							outside: {
								id: string;
								name: string;
								price: number | null;
								seenAt: number;
								listed: boolean;
							}[];
							names: {
								circles: {
									id: number;
									name: string;
								}[];
								ranks: {
									id: number;
									name: string;
								}[];
								people: {
									[key: string]: string;
								};
							};
							standing: {
								muted: boolean;
								silent: string[];
								chatConnected: boolean;
								overlays: number;
								overlaysConnected: number;
								onAir: boolean;
							};
							voice: {
								muted: boolean;
								/** @enum {string} */
								reply: "plain" | "mention" | "private";
								silent: ("answers" | "store" | "games" | "raffles" | "thanks" | "ranks" | "triggers")[];
								hints: boolean;
							};
							words: {
								get: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								rank: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								hours: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								here: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								top: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								longest: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								earners: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								hand: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								give: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								take: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								set: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								help: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								allowed: string[];
								askOthers: boolean;
							};
							games: {
								words: string[];
								name: string;
							}[];
							raffles: {
								words: string[];
								name: string;
							}[];
							setups: {
								id: number;
								settings: components["schemas"]["RaffleSettings"];
								digit: number | null;
								goneAt: number | null;
							}[];
						};
					};
				};
			};
		};
		/** Make a command */
		post: {
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["CommandSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							command: number;
							settings: components["schemas"]["CommandSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/fields": {
		/** What the fields of texts tell right now, for somebody present */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							values: {
								[key: string]: string;
							};
						};
					};
				};
			};
		};
	};
	"/desk/runs": {
		/** What ran lately, for whom, and what came of it */
		get: {
			parameters: {
				query?: {
					/** @description What came of it. */
					outcome?: "done" | "refused" | "failed" | "waiting";
					/** @description The number of a command or trigger. */
					of?: number;
					/** @description Words of its name, or of whom it was for. The first 60 letters count. */
					text?: string;
					/** @description The page after this one: the `before` that the page before it was answered with. */
					before?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							runs: {
								id: number;
								at: number;
								endedAt: number | null;
								/** @enum {string} */
								source: "reward" | "command" | "trigger";
								of: number;
								name: string;
								viewer: number | null;
								viewerName: string | null;
								/** @enum {string} */
								outcome: "done" | "refused" | "failed" | "waiting";
								why: string | null;
								log: {
									do: string;
									sentence: string;
								}[];
								seed: number | null;
								ms: number | null;
							}[];
							before: number | null;
						};
					};
				};
			};
		};
	};
	"/desk/commands/{id}": {
		/** Change a command */
		put: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["CommandSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							command: number;
							settings: components["schemas"]["CommandSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/commands/{id}/remove": {
		/** Take a command away */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/commands/{id}/switch": {
		/** Switch a command on or off */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "on": true
					 *     }
					 */
					"application/json": {
						on: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							command: number;
							on: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/try": {
		/** Try a command or trigger on a copy of the channel: nothing is written */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						what: {
							/** @constant */
							kind: "command";
							id: number | null;
							settings: components["schemas"]["CommandSettings"];
							typed: string;
						} | {
							/** @constant */
							kind: "reward";
							id: number | null;
							settings: components["schemas"]["RewardSettings"];
							typed: string;
						} | {
							/** @constant */
							kind: "trigger";
							id: number | null;
							settings: components["schemas"]["TriggerSettings"];
							figures: {
								[key: string]: string | number;
							};
						};
						as: {
							viewer: number;
						} | {
							/** @enum {string} */
							madeUp: "newcomer" | "follower" | "subscriber" | "moderator";
						};
						onAir?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							outcome: string;
							refusal: {
								code: string;
								sentence: string;
								data?: {
									[key: string]: string | number;
								};
							} | null;
							steps: {
								do: string;
								sentence: string;
							}[];
							lines: {
								to: string | null;
								text: string;
								after: number;
							}[];
							transfers: {
								who: string;
								why: string;
								change: number;
								before: number;
								after: number;
							}[];
							alerts: {
								[key: string]: unknown;
							}[];
							sounds: string[];
							orders: string[];
							seconds: number;
						};
					};
				};
			};
		};
	};
	"/desk/commands/{command}/use": {
		/** Use a command for real, as if somebody had said it in the room */
		post: {
			parameters: {
				path: {
					command: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "typed": "lamp"
					 *     }
					 */
					"application/json": {
						viewer: number;
						typed: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							used: {
								run: number;
								/** @enum {string} */
								outcome: "done" | "refused" | "failed" | "waiting";
								refusal?: {
									code: string;
									sentence: string;
									data?: {
										[key: string]: string | number;
									};
								};
							};
						};
					};
				};
			};
		};
	};
	"/desk/voice": {
		/** Mute the bot or let it speak, and say how and of what it speaks */
		put: {
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						muted?: boolean;
						/** @enum {string} */
						reply?: "plain" | "mention" | "private";
						silent?: ("answers" | "store" | "games" | "raffles" | "thanks" | "ranks" | "triggers")[];
						hints?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							muted: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/say": {
		/** Say something in chat as the bot */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "text": "lamp"
					 *     }
					 */
					"application/json": {
						text: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							muted: boolean;
						};
					};
				};
			};
		};
	};
	"/commands": {
		/** All commands that viewers can use */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							currency: components["schemas"]["Currency"];
							commands: {
								word: string;
								aliases: string[];
								usage: string;
								does: string;
								group: string;
								who: string;
								cost: number;
								everyoneSeconds: number;
								eachSeconds: number;
								perViewer: number;
								onAir: boolean;
								where: string;
								yours: boolean | null;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/words": {
		/** The currency, the words of chat, passing on, and the time zone */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							currency: components["schemas"]["Currency"];
							words: {
								get: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								rank: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								hours: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								here: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								top: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								longest: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								earners: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								hand: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								give: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								take: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								set: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								help: {
									word: string;
									aliases: string[];
									on: boolean;
									everyoneSeconds: number;
									eachSeconds: number;
								};
								allowed: string[];
								askOthers: boolean;
							};
							handing: {
								on: boolean;
								perDay: number;
								reply: string;
							};
							zone: string;
						};
					};
				};
			};
		};
		/** Change the words of chat */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						get: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						rank: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						hours: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						here: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						top: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						longest: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						earners: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						hand: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						give: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						take: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						set: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						help: {
							word: string;
							aliases: string[];
							on: boolean;
							everyoneSeconds: number;
							eachSeconds: number;
						};
						allowed: string[];
						askOthers: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/currency": {
		/** Rename the currency, its words and its reply */
		put: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "one": "lamp",
					 *       "many": "lamp",
					 *       "word": "lamp"
					 *     }
					 */
					"application/json": components["schemas"]["Currency"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/handing": {
		/** Let viewers pass currency on, or not */
		put: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "on": true,
					 *       "perDay": 1,
					 *       "reply": "lamp"
					 *     }
					 */
					"application/json": {
						on: boolean;
						perDay: number;
						reply: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/zone": {
		/** Set the channel’s time zone */
		put: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "timeZone": "lamp"
					 *     }
					 */
					"application/json": {
						timeZone: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							timeZone: string;
						};
					};
				};
			};
		};
	};
	"/desk/store": {
		/** The store with its sales, and what tells what to charge */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							holdings: {
								people: number;
								steps: number[];
							};
							plan: components["schemas"]["EarningPlan"];
							timeZone: string;
							alerts: {
								id: number;
								name: string;
							}[];
							overlays: {
								id: number;
								name: string;
								pieces: components["schemas"]["Piece"][];
								connected: boolean;
							}[];
							onAir: boolean;
							shows: number;
							sales: {
								reward: number;
								name: string;
								price: number;
								sold: number;
							}[];
							rewards: {
								id: number;
								place: number;
								settings: components["schemas"]["RewardSettings"];
								left: number | null;
								sold: {
									total: number;
									show: number;
									day: number;
								};
								codes: {
									count: number;
									given: number;
								};
								who: string;
								hints: string[];
								ready: {
									ready: boolean;
									sentence: string;
									mend: {
										page: string;
										label: string;
									} | null;
								};
							}[];
							archived: {
								id: number;
								name: string;
								goneAt: number | null;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/rewards": {
		/** Make a reward */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "command": true,
					 *       "name": "lamp",
					 *       "description": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "price": 0,
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
					 *         "day": 1
					 *       },
					 *       "each": {
					 *         "all": 1,
					 *         "show": 1,
					 *         "day": 1
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
					"application/json": components["schemas"]["RewardSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							reward: number;
							settings: components["schemas"]["RewardSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/rewards/{id}": {
		/** Change a reward */
		put: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "word": "lamp",
					 *       "command": true,
					 *       "name": "lamp",
					 *       "description": "lamp",
					 *       "group": "lamp",
					 *       "on": true,
					 *       "price": 0,
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
					 *         "day": 1
					 *       },
					 *       "each": {
					 *         "all": 1,
					 *         "show": 1,
					 *         "day": 1
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
					"application/json": components["schemas"]["RewardSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							reward: number;
							settings: components["schemas"]["RewardSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/rewards/{id}/archive": {
		/** Take a reward away */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/rewards/{id}/switch": {
		/** Switch a reward on or off */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "on": true
					 *     }
					 */
					"application/json": {
						on: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							switched: number;
							on: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/rewards/switch": {
		/** Switch many rewards on or off in one go */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "rewards": [
					 *         1
					 *       ],
					 *       "on": true
					 *     }
					 */
					"application/json": {
						rewards: number[];
						on: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							switched: number;
							on: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/rewards/arrange": {
		/** Put the rewards in another order */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "order": [
					 *         1
					 *       ]
					 *     }
					 */
					"application/json": {
						order: number[];
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/rewards/{id}/codes": {
		/** Add codes to a reward’s list */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "codes": [
					 *         "lamp"
					 *       ]
					 *     }
					 */
					"application/json": {
						codes: string[];
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							added: number;
							known: number;
						};
					};
				};
			};
		};
	};
	"/desk/triggers": {
		/** Make a trigger */
		post: {
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["TriggerSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							trigger: number;
							settings: components["schemas"]["TriggerSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/triggers/{id}": {
		/** Change a trigger */
		put: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["TriggerSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							trigger: number;
							settings: components["schemas"]["TriggerSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/triggers/{id}/remove": {
		/** Take a trigger away */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/triggers/{id}/switch": {
		/** Switch a trigger on or off */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "on": true
					 *     }
					 */
					"application/json": {
						on: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							trigger: number;
							on: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/triggers/{trigger}/run": {
		/** Run a trigger for real, as if somebody had set it off */
		post: {
			parameters: {
				path: {
					trigger: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "figures": {}
					 *     }
					 */
					"application/json": {
						viewer: number | null;
						figures: {
							[key: string]: string | number;
						};
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							run?: number;
							outcome?: string;
							refusal?: {
								code: string;
								sentence: string;
								data?: {
									[key: string]: string | number;
								};
							};
							redemption?: number;
						};
					};
				};
			};
		};
	};
	"/desk/redemptions": {
		/** Redemptions of the platform’s own points that wait for a hand */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							redemptions: {
								id: number;
								rewardName: string;
								viewer: number;
								viewerName: string;
								text: string | null;
								at: number;
								trigger: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/redemptions/{redemption}/approve": {
		/** Approve a redemption: its steps are done, and the platform is told */
		post: {
			parameters: {
				path: {
					redemption: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							status: string;
						};
					};
				};
			};
		};
	};
	"/desk/redemptions/{redemption}/refuse": {
		/** Refuse a redemption: the platform gives its points back */
		post: {
			parameters: {
				path: {
					redemption: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							status: string;
						};
					};
				};
			};
		};
	};
	"/desk/tallies": {
		/** Make a tally */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						name: string;
						one: string;
						many: string;
						key: string;
						ceiling: number | null;
						passing: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							tally: number;
						};
					};
				};
			};
		};
	};
	"/desk/tallies/{id}": {
		/** Change a tally */
		put: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
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
					"application/json": {
						name: string;
						one: string;
						many: string;
						key: string;
						ceiling: number | null;
						passing: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							tally: number;
						};
					};
				};
			};
		};
	};
	"/desk/tallies/{id}/close": {
		/** Take a tally away */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/tallies/{tally}/counts": {
		/** Who has how much of a tally */
		get: {
			parameters: {
				path: {
					tally: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							counts: {
								viewer: number;
								name: string;
								total: number;
								show: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/tallies/{tally}/correct": {
		/** Correct somebody’s tally by hand */
		post: {
			parameters: {
				path: {
					tally: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "how": "add",
					 *       "amount": 0
					 *     }
					 */
					"application/json": {
						viewer: number;
						/** @enum {string} */
						how: "add" | "take" | "set";
						amount: number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							before: number;
							after: number;
						};
					};
				};
			};
		};
	};
	"/desk/commands/several": {
		/** Make several commands at once */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						commands: components["schemas"]["CommandSettings"][];
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							commands: number[];
						};
					};
				};
			};
		};
	};
	"/games": {
		/** The games: how they are played, what is on, and the last numbers of the wheel */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							now: number;
							currency: components["schemas"]["Currency"];
							games: {
								[key: string]: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"];
							};
							words: components["schemas"]["DuelSettings"];
							wagering: {
								mostLost: number;
								sitOut: {
									word: string;
									aliases: string[];
								};
							};
							rounds: {
								crew: {
									round: number;
									viewer: number;
									name: string;
									stake: number;
									plan: {
										leaveAfter?: number;
										on?: {
											/** @constant */
											on: "number";
											number: number;
										} | {
											/** @enum {string} */
											on: "dozen" | "column";
											which: 1 | 2 | 3;
										} | {
											/** @enum {string} */
											on: "red" | "black" | "low" | "odd" | "even" | "high";
										};
									};
									/** @enum {string} */
									state: "in" | "out" | "caught" | "back" | "won" | "lost";
									room: number | null;
									paid: number;
								}[];
								id: number;
								/** @enum {string} */
								game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
								/** @enum {string} */
								status: "settled" | "opened" | "gathering" | "running" | "off";
								openedAt: number;
								openerName: string | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								nextAt: number | null;
								seats: number;
								staked: number;
								paid: number;
								state: {
									/** @constant */
									of: "heist";
									site: {
										name: string;
										fromCrew: number;
										bonusPpm: number;
										capPpm: number;
										rooms: {
											name: string;
											throughPpm: number;
											multiplier: number;
											through: string;
											caught: string;
										}[];
									} | null;
									step: number;
									drawn: number;
									inside: number;
								} | {
									/** @constant */
									of: "duel";
									challenger: {
										id: number;
										name: string;
									};
									challenged: {
										id: number;
										name: string;
									} | null;
									stake: number;
									rakeBp: number;
									winner: number | null;
								} | {
									/** @constant */
									of: "roulette";
									pays: number[];
									number: number | null;
								} | {
									/** @constant */
									of: "reels";
									machine: {
										strip: {
											symbol: string;
											weight: number;
										}[];
										table: {
											/** @enum {string} */
											match: "three" | "two";
											symbol: string;
											multiplier: number;
										}[];
									};
									shown: string[];
								} | {
									/** @constant */
									of: "coin";
									multiplier: number;
									/** @enum {string} */
									called: "heads" | "tails";
									/** @enum {string} */
									side: "heads" | "tails";
								} | {
									/** @constant */
									of: "cup";
									rules: {
										name: string;
										places: number;
										kept: {
											places: number;
											who: {
												everyone: boolean;
												streamer: boolean;
												standings: string[];
												rank: number | null;
												people: number[];
											};
											before: boolean;
										};
										stake: number;
										prize: number;
										second: number;
										bestOf: 1 | 3;
										signUpSeconds: number;
										matchSeconds: number;
									};
									entrants: {
										id: number;
										name: string;
										seat: number;
										kept: boolean;
									}[];
									drawnFrom: number[];
									order: number[];
									matches: {
										id: number;
										level: number;
										a: number | null;
										b: number | null;
										ready: number[];
										games: number[];
										winner: number | null;
										how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									current: number | null;
								};
								endedAt: number | null;
								why: string | null;
							}[];
							last: number[];
						};
					};
				};
			};
		};
	};
	"/games/play": {
		/** Play: the same as in chat */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "do": "heist",
					 *       "stake": "lamp",
					 *       "leaveAfter": 1
					 *     }
					 */
					"application/json": {
						/** @constant */
						do: "heist";
						stake: string;
						leaveAfter: number | null;
					} | {
						/** @constant */
						do: "out";
					} | {
						/** @constant */
						do: "duel";
						stake: string;
						challenged: number | null;
					} | {
						/** @constant */
						do: "take";
						duel?: number;
					} | {
						/** @constant */
						do: "pass";
					} | {
						/** @constant */
						do: "withdraw";
					} | {
						/** @constant */
						do: "roulette";
						bets: string;
					} | {
						/** @constant */
						do: "reels";
						stake: string;
					} | {
						/** @constant */
						do: "coin";
						stake: string;
						/** @enum {string} */
						side: "heads" | "tails";
					} | {
						/** @constant */
						do: "cup";
					} | {
						/** @constant */
						do: "sitout";
						seconds: number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							balance: number;
							round: number | null;
							told: string;
						};
					};
				};
			};
		};
	};
	"/games/opponents": {
		/** Who can be called to a duel, by the beginning of a name */
		get: {
			parameters: {
				query?: {
					/** @description How the name begins. The first 40 letters count. */
					name?: string;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							people: {
								id: number;
								name: string;
							}[];
						};
					};
				};
			};
		};
	};
	"/rounds": {
		/** The rounds that ended last */
		get: {
			parameters: {
				query?: {
					/** @description The rounds of one game alone. */
					game?: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
					/** @description The page after this one: the `before` that the page before it was answered with. */
					before?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							rounds: {
								id: number;
								/** @enum {string} */
								game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
								/** @enum {string} */
								status: "settled" | "opened" | "gathering" | "running" | "off";
								openedAt: number;
								openerName: string | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								nextAt: number | null;
								seats: number;
								staked: number;
								paid: number;
								state: {
									/** @constant */
									of: "heist";
									site: {
										name: string;
										fromCrew: number;
										bonusPpm: number;
										capPpm: number;
										rooms: {
											name: string;
											throughPpm: number;
											multiplier: number;
											through: string;
											caught: string;
										}[];
									} | null;
									step: number;
									drawn: number;
									inside: number;
								} | {
									/** @constant */
									of: "duel";
									challenger: {
										id: number;
										name: string;
									};
									challenged: {
										id: number;
										name: string;
									} | null;
									stake: number;
									rakeBp: number;
									winner: number | null;
								} | {
									/** @constant */
									of: "roulette";
									pays: number[];
									number: number | null;
								} | {
									/** @constant */
									of: "reels";
									machine: {
										strip: {
											symbol: string;
											weight: number;
										}[];
										table: {
											/** @enum {string} */
											match: "three" | "two";
											symbol: string;
											multiplier: number;
										}[];
									};
									shown: string[];
								} | {
									/** @constant */
									of: "coin";
									multiplier: number;
									/** @enum {string} */
									called: "heads" | "tails";
									/** @enum {string} */
									side: "heads" | "tails";
								} | {
									/** @constant */
									of: "cup";
									rules: {
										name: string;
										places: number;
										kept: {
											places: number;
											who: {
												everyone: boolean;
												streamer: boolean;
												standings: string[];
												rank: number | null;
												people: number[];
											};
											before: boolean;
										};
										stake: number;
										prize: number;
										second: number;
										bestOf: 1 | 3;
										signUpSeconds: number;
										matchSeconds: number;
									};
									entrants: {
										id: number;
										name: string;
										seat: number;
										kept: boolean;
									}[];
									drawnFrom: number[];
									order: number[];
									matches: {
										id: number;
										level: number;
										a: number | null;
										b: number | null;
										ready: number[];
										games: number[];
										winner: number | null;
										how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									current: number | null;
								};
								endedAt: number | null;
								why: string | null;
							}[];
						};
					};
				};
			};
		};
	};
	"/rounds/{round}": {
		/** One round with everybody in it; its seed once it has ended */
		get: {
			parameters: {
				path: {
					round: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							seed: string | null;
							seats: {
								viewer: number;
								name: string;
								stake: number;
								plan: {
									leaveAfter?: number;
									on?: {
										/** @constant */
										on: "number";
										number: number;
									} | {
										/** @enum {string} */
										on: "dozen" | "column";
										which: 1 | 2 | 3;
									} | {
										/** @enum {string} */
										on: "red" | "black" | "low" | "odd" | "even" | "high";
									};
								};
								/** @enum {string} */
								state: "in" | "out" | "caught" | "back" | "won" | "lost";
								room: number | null;
								paid: number;
							}[];
							id: number;
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							/** @enum {string} */
							status: "settled" | "opened" | "gathering" | "running" | "off";
							openedAt: number;
							openerName: string | null;
							commitment: string;
							/** @enum {string} */
							seedOrigin: "own" | "channel";
							nextAt: number | null;
							staked: number;
							paid: number;
							state: {
								/** @constant */
								of: "heist";
								site: {
									name: string;
									fromCrew: number;
									bonusPpm: number;
									capPpm: number;
									rooms: {
										name: string;
										throughPpm: number;
										multiplier: number;
										through: string;
										caught: string;
									}[];
								} | null;
								step: number;
								drawn: number;
								inside: number;
							} | {
								/** @constant */
								of: "duel";
								challenger: {
									id: number;
									name: string;
								};
								challenged: {
									id: number;
									name: string;
								} | null;
								stake: number;
								rakeBp: number;
								winner: number | null;
							} | {
								/** @constant */
								of: "roulette";
								pays: number[];
								number: number | null;
							} | {
								/** @constant */
								of: "reels";
								machine: {
									strip: {
										symbol: string;
										weight: number;
									}[];
									table: {
										/** @enum {string} */
										match: "three" | "two";
										symbol: string;
										multiplier: number;
									}[];
								};
								shown: string[];
							} | {
								/** @constant */
								of: "coin";
								multiplier: number;
								/** @enum {string} */
								called: "heads" | "tails";
								/** @enum {string} */
								side: "heads" | "tails";
							} | {
								/** @constant */
								of: "cup";
								rules: {
									name: string;
									places: number;
									kept: {
										places: number;
										who: {
											everyone: boolean;
											streamer: boolean;
											standings: string[];
											rank: number | null;
											people: number[];
										};
										before: boolean;
									};
									stake: number;
									prize: number;
									second: number;
									bestOf: 1 | 3;
									signUpSeconds: number;
									matchSeconds: number;
								};
								entrants: {
									id: number;
									name: string;
									seat: number;
									kept: boolean;
								}[];
								drawnFrom: number[];
								order: number[];
								matches: {
									id: number;
									level: number;
									a: number | null;
									b: number | null;
									ready: number[];
									games: number[];
									winner: number | null;
									how: ("played" | "walkover" | "bye" | "lot") | null;
								}[];
								current: number | null;
							};
							endedAt: number | null;
							why: string | null;
						};
					};
				};
			};
		};
	};
	"/rounds/{round}/file": {
		/** The same as a file, to check with other means */
		get: {
			parameters: {
				path: {
					round: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							seed: string | null;
							seats: {
								viewer: number;
								name: string;
								stake: number;
								plan: {
									leaveAfter?: number;
									on?: {
										/** @constant */
										on: "number";
										number: number;
									} | {
										/** @enum {string} */
										on: "dozen" | "column";
										which: 1 | 2 | 3;
									} | {
										/** @enum {string} */
										on: "red" | "black" | "low" | "odd" | "even" | "high";
									};
								};
								/** @enum {string} */
								state: "in" | "out" | "caught" | "back" | "won" | "lost";
								room: number | null;
								paid: number;
							}[];
							id: number;
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							/** @enum {string} */
							status: "settled" | "opened" | "gathering" | "running" | "off";
							openedAt: number;
							openerName: string | null;
							commitment: string;
							/** @enum {string} */
							seedOrigin: "own" | "channel";
							nextAt: number | null;
							staked: number;
							paid: number;
							state: {
								/** @constant */
								of: "heist";
								site: {
									name: string;
									fromCrew: number;
									bonusPpm: number;
									capPpm: number;
									rooms: {
										name: string;
										throughPpm: number;
										multiplier: number;
										through: string;
										caught: string;
									}[];
								} | null;
								step: number;
								drawn: number;
								inside: number;
							} | {
								/** @constant */
								of: "duel";
								challenger: {
									id: number;
									name: string;
								};
								challenged: {
									id: number;
									name: string;
								} | null;
								stake: number;
								rakeBp: number;
								winner: number | null;
							} | {
								/** @constant */
								of: "roulette";
								pays: number[];
								number: number | null;
							} | {
								/** @constant */
								of: "reels";
								machine: {
									strip: {
										symbol: string;
										weight: number;
									}[];
									table: {
										/** @enum {string} */
										match: "three" | "two";
										symbol: string;
										multiplier: number;
									}[];
								};
								shown: string[];
							} | {
								/** @constant */
								of: "coin";
								multiplier: number;
								/** @enum {string} */
								called: "heads" | "tails";
								/** @enum {string} */
								side: "heads" | "tails";
							} | {
								/** @constant */
								of: "cup";
								rules: {
									name: string;
									places: number;
									kept: {
										places: number;
										who: {
											everyone: boolean;
											streamer: boolean;
											standings: string[];
											rank: number | null;
											people: number[];
										};
										before: boolean;
									};
									stake: number;
									prize: number;
									second: number;
									bestOf: 1 | 3;
									signUpSeconds: number;
									matchSeconds: number;
								};
								entrants: {
									id: number;
									name: string;
									seat: number;
									kept: boolean;
								}[];
								drawnFrom: number[];
								order: number[];
								matches: {
									id: number;
									level: number;
									a: number | null;
									b: number | null;
									ready: number[];
									games: number[];
									winner: number | null;
									how: ("played" | "walkover" | "bye" | "lot") | null;
								}[];
								current: number | null;
							};
							endedAt: number | null;
							why: string | null;
						};
					};
				};
			};
		};
	};
	"/me/games": {
		/** What the caller staked and won */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							viewer: number | null;
							sitsOutUntil: number;
							rounds: number;
							staked: number;
							paid: number;
							seats: {
								round: number;
								/** @enum {string} */
								game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
								stake: number;
								paid: number;
								/** @enum {string} */
								state: "in" | "out" | "caught" | "back" | "won" | "lost";
								at: number;
								plan: {
									leaveAfter?: number;
									on?: {
										/** @constant */
										on: "number";
										number: number;
									} | {
										/** @enum {string} */
										on: "dozen" | "column";
										which: 1 | 2 | 3;
									} | {
										/** @enum {string} */
										on: "red" | "black" | "low" | "odd" | "even" | "high";
									};
								};
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/games": {
		/** How every game is set, what is on, and what was staked and paid in 30 days */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							settings: {
								heist: components["schemas"]["HeistSettings"];
								duel: components["schemas"]["DuelSettings"];
								roulette: components["schemas"]["RouletteSettings"];
								reels: components["schemas"]["ReelsSettings"];
								coin: components["schemas"]["CoinSettings"];
								cup: components["schemas"]["CupSettings"];
							};
							wagering: {
								mostLost: number;
								sitOut: {
									word: string;
									aliases: string[];
								};
							};
							texts: {
								[key: string]: string[];
							};
							lately: {
								games: {
									/** @enum {string} */
									game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
									rounds: number;
									staked: number;
									paid: number;
								}[];
								shows: number;
							};
							rounds: {
								crew: {
									round: number;
									viewer: number;
									name: string;
									stake: number;
									plan: {
										leaveAfter?: number;
										on?: {
											/** @constant */
											on: "number";
											number: number;
										} | {
											/** @enum {string} */
											on: "dozen" | "column";
											which: 1 | 2 | 3;
										} | {
											/** @enum {string} */
											on: "red" | "black" | "low" | "odd" | "even" | "high";
										};
									};
									/** @enum {string} */
									state: "in" | "out" | "caught" | "back" | "won" | "lost";
									room: number | null;
									paid: number;
								}[];
								id: number;
								/** @enum {string} */
								game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
								/** @enum {string} */
								status: "settled" | "opened" | "gathering" | "running" | "off";
								openedAt: number;
								openerName: string | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								nextAt: number | null;
								seats: number;
								staked: number;
								paid: number;
								state: {
									/** @constant */
									of: "heist";
									site: {
										name: string;
										fromCrew: number;
										bonusPpm: number;
										capPpm: number;
										rooms: {
											name: string;
											throughPpm: number;
											multiplier: number;
											through: string;
											caught: string;
										}[];
									} | null;
									step: number;
									drawn: number;
									inside: number;
								} | {
									/** @constant */
									of: "duel";
									challenger: {
										id: number;
										name: string;
									};
									challenged: {
										id: number;
										name: string;
									} | null;
									stake: number;
									rakeBp: number;
									winner: number | null;
								} | {
									/** @constant */
									of: "roulette";
									pays: number[];
									number: number | null;
								} | {
									/** @constant */
									of: "reels";
									machine: {
										strip: {
											symbol: string;
											weight: number;
										}[];
										table: {
											/** @enum {string} */
											match: "three" | "two";
											symbol: string;
											multiplier: number;
										}[];
									};
									shown: string[];
								} | {
									/** @constant */
									of: "coin";
									multiplier: number;
									/** @enum {string} */
									called: "heads" | "tails";
									/** @enum {string} */
									side: "heads" | "tails";
								} | {
									/** @constant */
									of: "cup";
									rules: {
										name: string;
										places: number;
										kept: {
											places: number;
											who: {
												everyone: boolean;
												streamer: boolean;
												standings: string[];
												rank: number | null;
												people: number[];
											};
											before: boolean;
										};
										stake: number;
										prize: number;
										second: number;
										bestOf: 1 | 3;
										signUpSeconds: number;
										matchSeconds: number;
									};
									entrants: {
										id: number;
										name: string;
										seat: number;
										kept: boolean;
									}[];
									drawnFrom: number[];
									order: number[];
									matches: {
										id: number;
										level: number;
										a: number | null;
										b: number | null;
										ready: number[];
										games: number[];
										winner: number | null;
										how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									current: number | null;
								};
								endedAt: number | null;
								why: string | null;
							}[];
							last: number[];
							currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
	};
	"/desk/rounds": {
		/** The rounds that are on */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							rounds: {
								crew: {
									round: number;
									viewer: number;
									name: string;
									stake: number;
									plan: {
										leaveAfter?: number;
										on?: {
											/** @constant */
											on: "number";
											number: number;
										} | {
											/** @enum {string} */
											on: "dozen" | "column";
											which: 1 | 2 | 3;
										} | {
											/** @enum {string} */
											on: "red" | "black" | "low" | "odd" | "even" | "high";
										};
									};
									/** @enum {string} */
									state: "in" | "out" | "caught" | "back" | "won" | "lost";
									room: number | null;
									paid: number;
								}[];
								id: number;
								/** @enum {string} */
								game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
								/** @enum {string} */
								status: "settled" | "opened" | "gathering" | "running" | "off";
								openedAt: number;
								openerName: string | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								nextAt: number | null;
								seats: number;
								staked: number;
								paid: number;
								state: {
									/** @constant */
									of: "heist";
									site: {
										name: string;
										fromCrew: number;
										bonusPpm: number;
										capPpm: number;
										rooms: {
											name: string;
											throughPpm: number;
											multiplier: number;
											through: string;
											caught: string;
										}[];
									} | null;
									step: number;
									drawn: number;
									inside: number;
								} | {
									/** @constant */
									of: "duel";
									challenger: {
										id: number;
										name: string;
									};
									challenged: {
										id: number;
										name: string;
									} | null;
									stake: number;
									rakeBp: number;
									winner: number | null;
								} | {
									/** @constant */
									of: "roulette";
									pays: number[];
									number: number | null;
								} | {
									/** @constant */
									of: "reels";
									machine: {
										strip: {
											symbol: string;
											weight: number;
										}[];
										table: {
											/** @enum {string} */
											match: "three" | "two";
											symbol: string;
											multiplier: number;
										}[];
									};
									shown: string[];
								} | {
									/** @constant */
									of: "coin";
									multiplier: number;
									/** @enum {string} */
									called: "heads" | "tails";
									/** @enum {string} */
									side: "heads" | "tails";
								} | {
									/** @constant */
									of: "cup";
									rules: {
										name: string;
										places: number;
										kept: {
											places: number;
											who: {
												everyone: boolean;
												streamer: boolean;
												standings: string[];
												rank: number | null;
												people: number[];
											};
											before: boolean;
										};
										stake: number;
										prize: number;
										second: number;
										bestOf: 1 | 3;
										signUpSeconds: number;
										matchSeconds: number;
									};
									entrants: {
										id: number;
										name: string;
										seat: number;
										kept: boolean;
									}[];
									drawnFrom: number[];
									order: number[];
									matches: {
										id: number;
										level: number;
										a: number | null;
										b: number | null;
										ready: number[];
										games: number[];
										winner: number | null;
										how: ("played" | "walkover" | "bye" | "lot") | null;
									}[];
									current: number | null;
								};
								endedAt: number | null;
								why: string | null;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/games/heist": {
		/** Change how the game heist is played */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["HeistSettings"];
						confirmed?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/games/duel": {
		/** Change how the game duel is played */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["DuelSettings"];
						confirmed?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/games/roulette": {
		/** Change how the game roulette is played */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["RouletteSettings"];
						confirmed?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/games/reels": {
		/** Change how the game reels is played */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["ReelsSettings"];
						confirmed?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/games/coin": {
		/** Change how the game coin is played */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["CoinSettings"];
						confirmed?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/games/cup": {
		/** Change how the game cup is played */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["CupSettings"];
						confirmed?: boolean;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @enum {string} */
							game: "heist" | "duel" | "roulette" | "reels" | "coin" | "cup";
							settings: components["schemas"]["HeistSettings"] | components["schemas"]["DuelSettings"] | components["schemas"]["RouletteSettings"] | components["schemas"]["ReelsSettings"] | components["schemas"]["CoinSettings"] | components["schemas"]["CupSettings"];
						};
					};
				};
			};
		};
	};
	"/desk/wagering": {
		/** Change what holds over all games */
		put: {
			requestBody: {
				content: {
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
					"application/json": {
						mostLost: number;
						sitOut: {
							word: string;
							aliases: string[];
						};
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							wagering: {
								mostLost: number;
								sitOut: {
									word: string;
									aliases: string[];
								};
							};
						};
					};
				};
			};
		};
	};
	"/desk/game-texts": {
		/** Change a text of the games, or go back to ours with none */
		put: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "text": "lamp",
					 *       "own": [
					 *         "lamp"
					 *       ]
					 *     }
					 */
					"application/json": {
						text: string;
						own: string[];
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							text: string;
							own: string[];
						};
					};
				};
			};
		};
	};
	"/desk/games/heist/open": {
		/** Open the game heist for everybody */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							round: number;
						};
					};
				};
			};
		};
	};
	"/desk/games/roulette/open": {
		/** Open the game roulette for everybody */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							round: number;
						};
					};
				};
			};
		};
	};
	"/desk/rounds/{round}/call-off": {
		/** Call a round off: all stakes go back */
		post: {
			parameters: {
				path: {
					round: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							round: number;
						};
					};
				};
			};
		};
	};
	"/desk/cups": {
		/** Open a cup for signing up */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						name: string;
						places: number;
						kept: {
							places: number;
							who: {
								everyone: boolean;
								streamer: boolean;
								standings: string[];
								rank: number | null;
								people: number[];
							};
							before: boolean;
						};
						stake: number;
						prize: number;
						second: number;
						bestOf: 1 | 3;
						signUpSeconds: number;
						matchSeconds: number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							round: number;
						};
					};
				};
			};
		};
	};
	"/desk/cups/{round}/change": {
		/** Begin a cup, take somebody out of it, or give their place to another one */
		post: {
			parameters: {
				path: {
					round: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "does": "begin"
					 *     }
					 */
					"application/json": {
						/** @enum {string} */
						does: "begin" | "out" | "replace";
						viewer?: number;
						other?: number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							round: number;
						};
					};
				};
			};
		};
	};
	"/raffles": {
		/** The raffles that are on, and the last that ended with who won */
		get: {
			parameters: {
				query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					before?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							now: number;
							currency: components["schemas"]["Currency"];
							running: {
								id: number;
								title: string;
								picture: ("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string;
								word: string;
								byWord: boolean;
								winners: number;
								price: number;
								/** @enum {string} */
								status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								opensAt: number | null;
								closesAt: number | null;
								endedAt: number | null;
								people: number;
								won: number;
							}[];
							ended: {
								winners: string[];
								id: number;
								title: string;
								picture: ("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string;
								word: string;
								byWord: boolean;
								price: number;
								/** @enum {string} */
								status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								opensAt: number | null;
								closesAt: number | null;
								endedAt: number | null;
								people: number;
								won: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/raffles/{raffle}": {
		/** One raffle: prize, rules, who is in, the caller’s part, and who won */
		get: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							now: number;
							raffle: {
								title: string;
								description: string;
								picture: ("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string;
								winners: number;
								word: string;
								byWord: boolean;
								byPage: boolean;
								price: number;
								mostTickets: number;
								claimSeconds: number;
								id: number;
								/** @enum {string} */
								status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								madeAt: number;
								opensAt: number | null;
								openedAt: number | null;
								closesAt: number | null;
								closedAt: number | null;
								finishAt: number | null;
								endedAt: number | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								seed: string | null;
								draws: number;
								won: number;
								drawing: {
									total: number;
									slices: [
										number,
										string | null
									][];
									from: number;
									until: number;
								} | null;
								revealed: {
									at: number;
									picks: {
										draw: number;
										name: string;
										mark: number;
									}[];
									total: number;
									slices: [
										number,
										string | null
									][];
								} | null;
								waiting: {
									draw: number;
									viewer: number;
									name: string;
									until: number;
								}[];
								each: number | null;
								why: string | null;
								people: number;
								tickets: number;
								weight: number;
								paid: number;
							};
							prize: string;
							rules: string[];
							shares: string[];
							entrants: {
								name: string;
								tickets: number;
								weight: number;
								at: number;
								chance: string;
							}[];
							removed: {
								name: string;
								why: string | null;
							}[];
							winners: {
								draw: number;
								name: string;
								chance: string;
								/** @enum {string} */
								state: "drawn" | "waiting" | "won" | "missed" | "passed";
								drawnAt: number;
								claimUntil: number | null;
								line: string | null;
								claimedAt: number | null;
								why: string | null;
								amount: number;
							}[];
							own: {
								balance: number;
								tickets: number;
								paid: number;
								freeLeft: number;
								couldAdd: number;
								couldCost: number;
								chance: string | null;
								counts: number | null;
								why: string | null;
								won: {
									draw: number;
									/** @enum {string} */
									state: "drawn" | "waiting" | "won" | "missed" | "passed";
									claimUntil: number | null;
									code: string | null;
									amount: number;
								} | null;
							} | null;
							currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
	};
	"/raffles/{raffle}/check": {
		/** Everything that a raffle can be checked by; its seed once it has ended */
		get: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @constant */
							kind: "ricompensa-raffle";
							title: string;
							id: number;
							seed: string;
							commitment: string;
							entrants: {
								viewer: number;
								name: string;
								tickets: number;
								weight: number;
							}[];
							winners: {
								draw: number;
								viewer: number;
								name: string;
								digest: string;
								point: number;
								weight: number;
								total: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/raffles/{raffle}/file": {
		/** The same as a file, to check without us */
		get: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							/** @constant */
							kind: "ricompensa-raffle";
							title: string;
							id: number;
							seed: string;
							commitment: string;
							entrants: {
								viewer: number;
								name: string;
								tickets: number;
								weight: number;
							}[];
							winners: {
								draw: number;
								viewer: number;
								name: string;
								digest: string;
								point: number;
								weight: number;
								total: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/raffles/{raffle}/enter": {
		/** Enter a raffle, add tickets, or leave it */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "wanted": "some"
					 *     }
					 */
					"application/json": {
						wanted: "some" | "max" | "leave" | number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							balance: number;
							raffle: number;
							added: number;
							cost: number;
							tickets: number;
							told: string;
						};
					};
				};
			};
		};
	};
	"/raffles/claim": {
		/** Claim what one has been drawn for */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							claimed: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles": {
		/** The raffles that are on, and the set-ups that are kept */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							now: number;
							running: {
								id: number;
								setup: number | null;
								settings: components["schemas"]["RaffleSettings"];
								/** @enum {string} */
								status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								byName: string;
								madeAt: number;
								opensAt: number | null;
								openedAt: number | null;
								closesAt: number | null;
								closedAt: number | null;
								finishAt: number | null;
								endedAt: number | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								seed: string | null;
								draws: number;
								won: number;
								drawing: {
									total: number;
									slices: [
										number,
										string | null
									][];
									from: number;
									until: number;
								} | null;
								revealed: {
									at: number;
									picks: {
										draw: number;
										name: string;
										mark: number;
									}[];
									total: number;
									slices: [
										number,
										string | null
									][];
								} | null;
								waiting: {
									draw: number;
									viewer: number;
									name: string;
									until: number;
								}[];
								each: number | null;
								why: string | null;
								people: number;
								tickets: number;
								weight: number;
								paid: number;
							}[];
							setups: {
								id: number;
								settings: components["schemas"]["RaffleSettings"];
								digit: number | null;
								goneAt: number | null;
							}[];
							currency: components["schemas"]["Currency"];
						};
					};
				};
			};
		};
		/** Start a raffle: it opens at once, at a time, or waits for a hand */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["RaffleSettings"];
						opens: {
							/** @constant */
							of: "now";
						} | {
							/** @constant */
							of: "at";
							at: number;
						} | {
							/** @constant */
							of: "hand";
						};
						setup: number | null;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							/** @enum {string} */
							status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
						};
					};
				};
			};
		};
	};
	"/desk/raffles/form": {
		/** What a raffle’s form can choose from */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							now: number;
							currency: components["schemas"]["Currency"];
							circles: {
								id: number;
								name: string;
							}[];
							alerts: {
								id: number;
								name: string;
							}[];
							codes: {
								id: number;
								name: string;
								left: number;
							}[];
							setups: {
								id: number;
								settings: components["schemas"]["RaffleSettings"];
								digit: number | null;
								goneAt: number | null;
							}[];
							timeZone: string;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/ended": {
		/** The raffles that have ended, with who won */
		get: {
			parameters: {
				query?: {
					/** @description Words of the title, or of a name. The first 60 letters count. */
					text?: string;
					/** @description The page after this one: the `before` that the page before it was answered with. */
					before?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffles: {
								winners: {
									raffle: number;
									draw: number;
									viewer: number;
									name: string;
									digest: string;
									point: number;
									weight: number;
									total: number;
									drawnAt: number;
									/** @enum {string} */
									state: "drawn" | "waiting" | "won" | "missed" | "passed";
									claimUntil: number | null;
									line: string | null;
									claimedAt: number | null;
									why: string | null;
									amount: number;
									code: string | null;
									deliveredAt: number | null;
									note: string;
									present: boolean | null;
									lastSeenAt: number | null;
								}[];
								id: number;
								setup: number | null;
								settings: components["schemas"]["RaffleSettings"];
								/** @enum {string} */
								status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								byName: string;
								madeAt: number;
								opensAt: number | null;
								openedAt: number | null;
								closesAt: number | null;
								closedAt: number | null;
								finishAt: number | null;
								endedAt: number | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								seed: string | null;
								draws: number;
								won: number;
								drawing: {
									total: number;
									slices: [
										number,
										string | null
									][];
									from: number;
									until: number;
								} | null;
								revealed: {
									at: number;
									picks: {
										draw: number;
										name: string;
										mark: number;
									}[];
									total: number;
									slices: [
										number,
										string | null
									][];
								} | null;
								waiting: {
									draw: number;
									viewer: number;
									name: string;
									until: number;
								}[];
								each: number | null;
								why: string | null;
								people: number;
								tickets: number;
								weight: number;
								paid: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}": {
		/** One raffle with its winners, and how people came in */
		get: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							now: number;
							raffle: {
								id: number;
								setup: number | null;
								settings: components["schemas"]["RaffleSettings"];
								/** @enum {string} */
								status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
								byName: string;
								madeAt: number;
								opensAt: number | null;
								openedAt: number | null;
								closesAt: number | null;
								closedAt: number | null;
								finishAt: number | null;
								endedAt: number | null;
								commitment: string;
								/** @enum {string} */
								seedOrigin: "own" | "channel";
								seed: string | null;
								draws: number;
								won: number;
								drawing: {
									total: number;
									slices: [
										number,
										string | null
									][];
									from: number;
									until: number;
								} | null;
								revealed: {
									at: number;
									picks: {
										draw: number;
										name: string;
										mark: number;
									}[];
									total: number;
									slices: [
										number,
										string | null
									][];
								} | null;
								waiting: {
									draw: number;
									viewer: number;
									name: string;
									until: number;
								}[];
								each: number | null;
								why: string | null;
								people: number;
								tickets: number;
								weight: number;
								paid: number;
							};
							winners: unknown[] | {
								raffle: number;
								draw: number;
								viewer: number;
								name: string;
								digest: string;
								point: number;
								weight: number;
								total: number;
								drawnAt: number;
								/** @enum {string} */
								state: "drawn" | "waiting" | "won" | "missed" | "passed";
								claimUntil: number | null;
								line: string | null;
								claimedAt: number | null;
								why: string | null;
								amount: number;
								code: string | null;
								deliveredAt: number | null;
								note: string;
								present: boolean | null;
								lastSeenAt: number | null;
							}[];
							shares: {
								standing: string;
								weight: number;
								people: number;
								ofPeople: number;
								ofChances: number;
							}[];
							arrivals: {
								at: number;
								people: number;
								tickets: number;
							}[];
							currency: components["schemas"]["Currency"];
							circles: {
								id: number;
								name: string;
							}[];
							codes: {
								id: number;
								name: string;
								left: number;
							}[];
						};
					};
				};
			};
		};
		/** Change a raffle that has not ended */
		put: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["RaffleSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/entries": {
		/** Who is, or was, in a raffle */
		get: {
			parameters: {
				query?: {
					/** @description Words of the title, or of a name. The first 60 letters count. */
					text?: string;
					/** @description One state alone. */
					state?: "in" | "left" | "removed";
					/** @description What they are in the order of. */
					order?: "nr" | "late" | "chance";
					/** @description How many to leave out: the page after this one. */
					from?: number;
				};
				path: {
					raffle: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							entries: {
								viewer: number;
								name: string;
								nr: number;
								tickets: number;
								free: number;
								paid: number;
								weight: number;
								standing: string | null;
								at: number;
								changedAt: number;
								/** @enum {string} */
								state: "in" | "left" | "removed";
								why: string | null;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/raffles/outlook": {
		/** What a raffle with such settings would mean now; nothing is written */
		post: {
			requestBody: {
				content: {
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
					"application/json": components["schemas"]["RaffleSettings"];
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							fault: string | null;
							hints: string[];
							here: number;
							could: number;
							reasons: {
								code: string;
								count: number;
							}[];
							shares: string[];
							priciest: {
								cost: number;
								watching: {
									name: string;
									seconds: number | null;
								}[];
							};
							checks: {
								ok: boolean;
								sentence: string;
								mend?: {
									page: string;
									label: string;
								};
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/raffles.csv": {
		/** The raffles that have ended as a file of comma-separated values */
		get: {
			parameters: {
				query?: {
					/** @description Words of the title, or of a name. The first 60 letters count. */
					text?: string;
				};
			};
			responses: {
				/** @description The file. */
				200: {
					content: {
						"text/csv": string;
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/entries.csv": {
		/** Everybody who is or was in a raffle, as a file of comma-separated values */
		get: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			responses: {
				/** @description The file. */
				200: {
					content: {
						"text/csv": string;
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/open": {
		/** Have a raffle open */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						draw?: number;
						why?: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							/** @enum {string} */
							status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							draws: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/close": {
		/** Have a raffle close */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						draw?: number;
						why?: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							/** @enum {string} */
							status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							draws: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/draw": {
		/** Have a raffle draw: the draw with this number is made once */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						draw?: number;
						why?: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							/** @enum {string} */
							status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							draws: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/call-off": {
		/** Have a raffle call off */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						draw?: number;
						why?: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							/** @enum {string} */
							status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							draws: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/finish": {
		/** Have a raffle finish */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/** @example {} */
					"application/json": {
						draw?: number;
						why?: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							/** @enum {string} */
							status: "open" | "off" | "planned" | "closed" | "returning" | "finished";
							draws: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/remove": {
		/** Take somebody out of a raffle: the money goes back */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "viewer": 1,
					 *       "why": "lamp"
					 *     }
					 */
					"application/json": {
						viewer: number;
						why: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							viewer: number;
							back: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/pass-over": {
		/** Pass over somebody who was drawn */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "draw": 1,
					 *       "why": "lamp"
					 *     }
					 */
					"application/json": {
						draw: number;
						why: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							draw: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffles/{raffle}/record": {
		/** Note whether a winner has the prize, and what else there is to say */
		post: {
			parameters: {
				path: {
					raffle: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "draw": 1,
					 *       "delivered": true,
					 *       "note": "lamp"
					 *     }
					 */
					"application/json": {
						draw: number;
						delivered: boolean;
						note: string;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							raffle: number;
							draw: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffle-setups": {
		/** Keep a set-up to start raffles from */
		post: {
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["RaffleSettings"];
						digit: number | null;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							setup: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffle-setups/{id}": {
		/** Change a set-up */
		put: {
			parameters: {
				path: {
					id: number;
				};
			};
			requestBody: {
				content: {
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
					"application/json": {
						settings: components["schemas"]["RaffleSettings"];
						digit: number | null;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							setup: number;
						};
					};
				};
			};
		};
	};
	"/desk/raffle-setups/{id}/remove": {
		/** Take a set-up away */
		post: {
			parameters: {
				path: {
					id: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							setup: number;
						};
					};
				};
			};
		};
	};
	"/seeds": {
		/** What draws are made from: the commitment of the open seed, and the seeds before it */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							open: {
								id: number;
								commitment: string;
								openedAt: number;
							} | null;
							closed: {
								id: number;
								seed: string;
								commitment: string;
								openedAt: number;
								closedAt: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/security": {
		/** The security log, the latest first, page by page */
		get: {
			parameters: {
				query?: {
					/** @description The page after this one: the `before` that the page before it was answered with. */
					before?: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							entries: {
								id: number;
								at: number;
								/** @enum {string} */
								kind: "desk" | "secret" | "refused" | "sign-in";
								name: string;
								account: string;
								from: string;
								what: string;
								times: number;
							}[];
							before: number | null;
						};
					};
				};
			};
		};
	};
	"/desk/security.csv": {
		/** The security log as a file of comma-separated values */
		get: {
			responses: {
				/** @description The file. */
				200: {
					content: {
						"text/csv": string;
					};
				};
			};
		};
	};
	"/desk/connections": {
		/** How chat and events are connected */
		get: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							chat: {
								/** @enum {string} */
								status: "off" | "refused" | "connecting" | "connected";
								sentence: string;
								since: number;
								room: string | null;
							};
							eventsAddress: string;
							secrets: {
								id: number;
								name: string;
								createdAt: number;
								usedAt: number | null;
								kinds: string[] | null;
							}[];
							tips: {
								hasRate: boolean;
								id: number;
								at: number;
								viewer: number;
								name: string;
								minorUnits: number;
								currency: string;
							}[];
							events: {
								id: number;
								at: number;
								happenedAt: number;
								source: string;
								type: string;
								name: string | null;
								body: {
									[key: string]: unknown;
								};
								outcome: string;
							}[];
							refusals: {
								id: number;
								at: number;
								code: string;
								sentence: string;
								times: number;
							}[];
						};
					};
				};
			};
		};
	};
	"/desk/connections/chat-test": {
		/** Let the bot say a test line */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							muted: boolean;
						};
					};
				};
			};
		};
	};
	"/desk/connections/secrets": {
		/** Make a secret for signing events */
		post: {
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "name": "lamp",
					 *       "kinds": [
					 *         "ricompensa.show.started"
					 *       ]
					 *     }
					 */
					"application/json": {
						name: string;
						kinds: ("ricompensa.show.started" | "ricompensa.show.ended" | "ricompensa.follow" | "ricompensa.subscription" | "ricompensa.resubscription" | "ricompensa.subscription.ended" | "ricompensa.gift" | "ricompensa.raid" | "ricompensa.tip" | "ricompensa.cheer" | "ricompensa.reward.redeemed" | "ricompensa.rewards.listed" | "ricompensa.test")[];
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							id: number;
							secret: string;
						};
					};
				};
			};
		};
	};
	"/desk/connections/secrets/{secret}/revoke": {
		/** Take a secret out of use */
		post: {
			parameters: {
				path: {
					secret: number;
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": Record<string, never>;
					};
				};
			};
		};
	};
	"/desk/tips/{tip}/decide": {
		/** Decide what a tip in a currency without a rate pays: by the rate there is now, an amount, or nothing */
		post: {
			parameters: {
				path: {
					tip: number;
				};
			};
			requestBody: {
				content: {
					/**
					 * @example {
					 *       "pay": "rate"
					 *     }
					 */
					"application/json": {
						pay: "rate" | "nothing" | number;
					};
				};
			};
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							paid: number;
							told: string;
						};
					};
				};
			};
		};
	};
	"/desk/connections/event-test": {
		/** Send the channel a test event */
		post: {
			responses: {
				/** @description Done. */
				200: {
					content: {
						"application/json": {
							event: number;
							outcome: string;
						} | {
							events: {
								event: number;
								outcome: string;
							}[];
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
		Problem: {
			/** @description The address of a page that explains it. */
			type: string;
			title: string;
			status: number;
			/** @description A sentence that a person can act on. */
			detail: string;
			/** @enum {string} */
			code: "address_missing" | "adjustment_not_found" | "adjustment_too_old" | "adjustment_undone" | "alert_invalid" | "alert_not_found" | "alert_used" | "already_claimed" | "already_on_air" | "amount_not_whole" | "amount_too_large" | "answer_wrong" | "arguments_wrong" | "balance_too_small" | "batch_refused" | "bet_unclear" | "body_invalid" | "busy" | "channel_not_found" | "check_in_off" | "checked_in_already" | "circle_invalid" | "circle_not_found" | "claim_code_wrong" | "codes_invalid" | "command_invalid" | "command_not_allowed" | "command_not_found" | "command_off" | "command_off_air" | "command_wrong_place" | "confirm_missing" | "confirm_wrong" | "crop_invalid" | "duel_none" | "duel_not_possible" | "duel_open" | "duel_with_self" | "earning_plan_invalid" | "event_kind_not_allowed" | "event_not_signed" | "event_out_of_time" | "event_signature_wrong" | "forget_present" | "from_elsewhere" | "game_invalid" | "game_not_for_you" | "game_off" | "game_off_air" | "gap_not_open" | "gap_not_paid" | "gap_too_old" | "hand_limit" | "hand_to_self" | "handing_off" | "internal" | "joined_already" | "key_missing" | "key_used" | "media_broken" | "media_empty" | "media_no_room" | "media_not_found" | "media_refused" | "media_too_detailed" | "media_too_long" | "media_type_unknown" | "media_used" | "merge_present" | "merge_with_self" | "method_unknown" | "name_unknown" | "name_unsure" | "newcomer_waits" | "nobody_present" | "not_allowed" | "not_found" | "not_inside" | "not_json" | "not_on_air" | "not_ready" | "not_signed_in" | "note_not_found" | "order_not_done" | "order_not_found" | "order_not_waiting" | "order_twice" | "overlay_invalid" | "overlay_not_found" | "payout_too_large" | "person_missing" | "provider_down" | "query_invalid" | "raffle_closed" | "raffle_delivered" | "raffle_drawing" | "raffle_drawn" | "raffle_fixed" | "raffle_follow" | "raffle_hours" | "raffle_invalid" | "raffle_most" | "raffle_no_claim" | "raffle_nobody" | "raffle_not_drawn" | "raffle_not_for_you" | "raffle_not_found" | "raffle_not_in" | "raffle_not_open" | "raffle_off_air" | "raffle_seen" | "raffle_waiting" | "raffle_won_lately" | "raffle_wrong_place" | "ranks_invalid" | "redemption_not_waiting" | "rests" | "rests_own" | "returns_too_much" | "reward_closed" | "reward_hours" | "reward_invalid" | "reward_limit_own" | "reward_locked" | "reward_not_for_you" | "reward_not_found" | "reward_not_yet" | "reward_off_air" | "reward_over" | "reward_sold_out" | "round_full" | "round_not_found" | "round_running" | "run_not_waiting" | "secret_wrong" | "show_end_too_early" | "show_still_settling" | "sign_in_again" | "sign_in_denied" | "sign_in_failed" | "sit_out_unclear" | "sitting_out" | "stake_limit" | "stake_too_large" | "stake_too_small" | "steps_too_many" | "supporter_not_found" | "tally_full" | "tally_invalid" | "tally_not_found" | "tally_not_passed" | "tally_too_small" | "text_missing" | "text_too_long" | "tip_no_rate" | "too_large" | "too_many_feeds" | "too_many_people" | "too_many_requests" | "too_many_secrets" | "trigger_invalid" | "trigger_not_found" | "used_up" | "used_up_own" | "viewer_ignored" | "viewer_known" | "viewer_not_found" | "words_overlap" | "zone_unknown";
			/** @description The figures that the sentence is made of, where there are any. */
			data?: Record<string, never>;
		};
		Step: {
			/** @constant */
			do: "say";
			text: string;
		} | {
			/** @constant */
			do: "tell";
			to: {
				/** @constant */
				of: "caller";
			} | {
				/** @constant */
				of: "argument";
				name: string;
			} | {
				/** @constant */
				of: "present";
			} | {
				/** @constant */
				of: "circle";
				circle: number;
			};
			text: string;
		} | {
			/** @constant */
			do: "pay";
			to: {
				/** @constant */
				of: "caller";
			} | {
				/** @constant */
				of: "argument";
				name: string;
			} | {
				/** @constant */
				of: "present";
			} | {
				/** @constant */
				of: "circle";
				circle: number;
			};
			amount: {
				fixed: number;
			} | {
				argument: string;
			};
		} | {
			/** @constant */
			do: "take";
			from: {
				/** @constant */
				of: "caller";
			} | {
				/** @constant */
				of: "argument";
				name: string;
			} | {
				/** @constant */
				of: "present";
			} | {
				/** @constant */
				of: "circle";
				circle: number;
			};
			amount: {
				fixed: number;
			} | {
				argument: string;
			};
		} | {
			/** @constant */
			do: "tally";
			tally: number;
			/** @enum {string} */
			how: "add" | "take" | "set" | "pass";
			to: {
				/** @constant */
				of: "caller";
			} | {
				/** @constant */
				of: "argument";
				name: string;
			} | {
				/** @constant */
				of: "present";
			} | {
				/** @constant */
				of: "circle";
				circle: number;
			};
			amount: {
				fixed: number;
			} | {
				argument: string;
			};
		} | {
			/** @constant */
			do: "order";
			reward: number;
			to: {
				/** @constant */
				of: "caller";
			} | {
				/** @constant */
				of: "argument";
				name: string;
			} | {
				/** @constant */
				of: "present";
			} | {
				/** @constant */
				of: "circle";
				circle: number;
			};
			text: string;
		} | {
			/** @constant */
			do: "alert";
			alert?: number;
			title: string;
			line: string;
			picture: ("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string;
			sound: ("none" | "bell" | "whistle" | "ratchet") | string;
			seconds: number;
		} | {
			/** @constant */
			do: "round";
			/** @enum {string} */
			how: "open" | "callOff";
			/** @enum {string} */
			game: "heist" | "roulette";
		} | {
			/** @constant */
			do: "raffle";
			/** @enum {string} */
			how: "start" | "close" | "draw" | "callOff";
			setup: number;
		} | {
			/** @constant */
			do: "tickets";
			setup: number;
			to: {
				/** @constant */
				of: "caller";
			} | {
				/** @constant */
				of: "argument";
				name: string;
			} | {
				/** @constant */
				of: "present";
			} | {
				/** @constant */
				of: "circle";
				circle: number;
			};
			tickets: {
				fixed: number;
			} | {
				argument: string;
			};
		} | {
			/** @constant */
			do: "sound";
			sound: ("none" | "bell" | "whistle" | "ratchet") | string;
		} | {
			/** @constant */
			do: "circle";
			circle: number;
			/** @enum {string} */
			how: "in" | "out";
			who: {
				/** @constant */
				of: "caller";
			} | {
				/** @constant */
				of: "argument";
				name: string;
			} | {
				/** @constant */
				of: "present";
			} | {
				/** @constant */
				of: "circle";
				circle: number;
			};
		} | {
			/** @constant */
			do: "wait";
			seconds: number;
		} | {
			/** @constant */
			do: "call";
			command: number;
		} | {
			/** @constant */
			do: "choose";
			branches: {
				weight: number;
				name: string;
				steps: components["schemas"]["Step"][];
			}[];
		} | {
			/** @constant */
			do: "when";
			if: {
				standing?: string;
				balanceFrom?: number;
				tally?: {
					tally: number;
					from: number;
				};
				onAir?: boolean;
				time?: {
					from: string;
					to: string;
				};
			};
			steps: components["schemas"]["Step"][];
			otherwise: components["schemas"]["Step"][];
		};
		Currency: {
			one: string;
			many: string;
			word: string;
			aliases?: string[];
			/** @enum {string} */
			icon?: "rivet" | "bolt" | "cog" | "coin" | "key" | "spark" | "leaf" | "drop";
			reply?: string;
		};
		EarningPlan: {
			intervalSeconds: number;
			base: number;
			cap: number | null;
			offAir: {
				intervalSeconds: number;
				base: number;
			};
			standings: {
				[key: string]: {
					plus: number;
					times: number;
				};
			};
			active: {
				plus: number;
				withinSeconds: number;
			};
			chat: {
				amount: number;
				everySeconds: number;
				commands: boolean;
				offAir: boolean;
			};
			support: {
				follow: number;
				subscription: [
					number,
					number,
					number
				];
				gift: number;
				giftReceived: number;
				raid: {
					fixed: number;
					perViewer: number;
					followersOnly: boolean;
				};
				tip: number;
				money?: {
					currency: string;
					rates: {
						[key: string]: number;
					};
				};
				cheer: number;
				thanks: {
					follow?: {
						say: string;
						alert: string;
					};
					subscription?: {
						say: string;
						alert: string;
					};
					resubscription?: {
						say: string;
						alert: string;
					};
					gift?: {
						say: string;
						alert: string;
					};
					raid?: {
						say: string;
						alert: string;
					};
					tip?: {
						say: string;
						alert: string;
					};
					cheer?: {
						say: string;
						alert: string;
					};
				};
			};
			checkIn: {
				amount: number;
				streakPlus: number;
				streakMost: number;
				missedAllowed: boolean;
			};
			allowance: {
				amount: number;
				weekday: number;
				hour: number;
				to: string[];
			};
			welcome: number;
			newcomerWaitSeconds: number;
		};
		RankPlan: {
			/** @enum {string} */
			measure: "hours" | "earned";
			ranks: {
				id: number;
				name: string;
				from: number;
				needs: string | null;
				/** @enum {string} */
				badge: "washer" | "bolt" | "cog" | "lamp" | "key" | "anvil";
			}[];
			announce: string;
		};
		AlertSettings: {
			name: string;
			title: string;
			line: string;
			picture: (("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string) | null;
			sound: ("none" | "bell" | "whistle" | "ratchet") | string;
			volume: number;
			seconds: number;
			/** @enum {string} */
			enter: "slide" | "rise" | "grow" | "fade" | "none";
			/** @enum {string} */
			leave: "slide" | "rise" | "grow" | "fade" | "none";
			/** @enum {string} */
			place: "topLeft" | "top" | "topRight" | "left" | "middle" | "right" | "bottomLeft" | "bottom" | "bottomRight";
			/** @enum {string} */
			layout: "beside" | "above" | "behind";
		};
		Piece: {
			/** @constant */
			of: "alerts";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			which: "all" | number[];
		} | {
			/** @constant */
			of: "orders";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			many: number;
		} | {
			/** @constant */
			of: "top";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			/** @enum {string} */
			list: "balance" | "hours" | "earned";
			many: number;
		} | {
			/** @constant */
			of: "counter";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			/** @enum {string} */
			figure: "paid" | "spent" | "orders" | "present";
		} | {
			/** @constant */
			of: "text";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			text: string;
		} | {
			/** @constant */
			of: "crew";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			always: boolean;
		} | {
			/** @constant */
			of: "duel";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			always: boolean;
		} | {
			/** @constant */
			of: "wheel";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			always: boolean;
		} | {
			/** @constant */
			of: "reels";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			always: boolean;
		} | {
			/** @constant */
			of: "bracket";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			always: boolean;
		} | {
			/** @constant */
			of: "raffle";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			title: string;
			always: boolean;
		} | {
			/** @constant */
			of: "chat";
			id: string;
			x: number;
			y: number;
			w: number;
			h: number;
			locked: boolean;
			hidden: boolean;
			look: {
				/** @enum {string} */
				font: "display" | "text" | "typewriter";
				size: number;
				colour: string;
				ground: string;
				cover: number;
				corner: number;
				shadow: boolean;
			};
			many: number;
			seconds: number;
			bot: boolean;
		};
		OverlaySettings: {
			name: string;
			width: number;
			height: number;
			pieces: components["schemas"]["Piece"][];
			background: (("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string) | null;
		};
		CommandSettings: {
			word: string;
			aliases: string[];
			description: string;
			group: string;
			on: boolean;
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			/** @enum {string} */
			where: "room" | "private" | "both";
			onAir: boolean;
			cost: number;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
			refusals: boolean;
			refusalText?: string;
			reply: null | ("plain" | "mention" | "private");
			arguments: {
				name: string;
				/** @enum {string} */
				kind: "viewer" | "amount" | "number" | "choice" | "text";
				needed: boolean;
				choices: string[];
				most: number;
			}[];
			steps: components["schemas"]["Step"][];
		};
		TriggerSettings: {
			name: string;
			group: string;
			on: boolean;
			source: {
				/** @enum {string} */
				of: "follow" | "firstInShow" | "firstEver" | "showStarted" | "showEnded" | "heistEnded" | "cupWon";
			} | {
				/** @enum {string} */
				of: "subscription" | "gift" | "raid" | "tip" | "cheer" | "gameWon";
				from: number;
				to: number | null;
			} | {
				/** @constant */
				of: "outside";
				reward: string;
				/** @enum {string} */
				approval: "itself" | "hand";
			} | {
				/** @constant */
				of: "timer";
				minutes: number;
				lines: number;
			} | {
				/** @constant */
				of: "rankReached";
				rank: number | null;
			} | {
				/** @enum {string} */
				of: "raffleOpened" | "raffleEntered" | "raffleReminder" | "raffleClosingSoon" | "raffleClosed" | "raffleWon" | "raffleClaimed" | "raffleUnclaimed";
				setup: number | null;
			} | {
				/** @constant */
				of: "orderPlaced";
				reward: number | null;
			};
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			onAir: boolean;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
			steps: components["schemas"]["Step"][];
		};
		RewardSettings: {
			word: string;
			command: boolean;
			name: string;
			description: string;
			group: string;
			on: boolean;
			price: number;
			/** @enum {string} */
			kind: "hand" | "itself" | "code";
			picture: ("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string;
			alert: number | null;
			asks: {
				/** @constant */
				of: "nothing";
			} | {
				/** @constant */
				of: "text";
				question: string;
				least: number;
				most: number;
			} | {
				/** @constant */
				of: "choice";
				question: string;
				choices: string[];
			} | {
				/** @constant */
				of: "number";
				question: string;
				from: number;
				to: number;
			} | {
				/** @constant */
				of: "link";
				question: string;
			};
			confirm: string;
			post: {
				days: number;
			} | null;
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			hours: number;
			secret: string;
			onAir: boolean;
			from: number | null;
			to: number | null;
			stock: {
				all: number | null;
				show: number | null;
				day: number | null;
			};
			each: {
				all: number | null;
				show: number | null;
				day: number | null;
			};
			rest: {
				everyoneSeconds: number;
				eachSeconds: number;
			};
			perk: {
				seconds: number;
				circle: number | null;
			} | null;
			steps: components["schemas"]["Step"][];
			say: boolean;
			doneText: string;
			/** @enum {string} */
			doneTo: "room" | "private";
			low: number;
		};
		RaffleSettings: {
			title: string;
			description: string;
			picture: ("lamp" | "radio" | "clock" | "whistle" | "sparks" | "postcard" | "guide" | "tag") | string;
			prize: {
				/** @constant */
				of: "text";
				text: string;
			} | {
				/** @constant */
				of: "codes";
				reward: number;
			} | {
				/** @constant */
				of: "currency";
				amount: number;
			} | {
				/** @constant */
				of: "pot";
				share: number;
			};
			winners: number;
			word: {
				word: string;
				aliases: string[];
			};
			byWord: boolean;
			byPage: boolean;
			thisShow: boolean;
			closeSeconds: number;
			mostPeople: number;
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			hours: number;
			followDays: number;
			seen: {
				least: number;
				of: number;
			};
			winnerDays: number;
			run: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			price: number;
			free: {
				everyone: number;
				standings: {
					standing: string;
					tickets: number;
				}[];
			};
			mostTickets: number;
			weights: {
				standing: string;
				weight: number;
			}[];
			remind: {
				everyMinutes: number;
				beforeMinutes: number[];
			};
			soonSeconds: number;
			entryAlert: number | null;
			entrySound: ("none" | "bell" | "whistle" | "ratchet") | string;
			/** @enum {string} */
			draw: "one" | "all";
			suspenseSeconds: number;
			claimSeconds: number;
			/** @enum {string} */
			redraw: "itself" | "hand";
		};
		HeistSettings: {
			on: boolean;
			word: {
				word: string;
				aliases: string[];
			};
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			onAir: boolean;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
			stakes: {
				smallest: number;
				largest: number;
				share: number;
			};
			out: {
				word: string;
				aliases: string[];
			};
			gatherSeconds: number;
			leastCrew: number;
			mostCrew: number;
			pauseSeconds: number;
			notice: boolean;
			sites: {
				name: string;
				fromCrew: number;
				bonusPpm: number;
				capPpm: number;
				rooms: {
					name: string;
					throughPpm: number;
					multiplier: number;
					through: string;
					caught: string;
				}[];
			}[];
		};
		DuelSettings: {
			on: boolean;
			word: {
				word: string;
				aliases: string[];
			};
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			onAir: boolean;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
			stakes: {
				smallest: number;
				largest: number;
				share: number;
			};
			take: {
				word: string;
				aliases: string[];
			};
			pass: {
				word: string;
				aliases: string[];
			};
			withdraw: {
				word: string;
				aliases: string[];
			};
			answerSeconds: number;
			suspenseSeconds: number;
			rakeBp: number;
		};
		RouletteSettings: {
			on: boolean;
			word: {
				word: string;
				aliases: string[];
			};
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			onAir: boolean;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
			stakes: {
				smallest: number;
				largest: number;
				share: number;
			};
			betSeconds: number;
			suspenseSeconds: number;
			houseLimit: number;
		};
		ReelsSettings: {
			on: boolean;
			word: {
				word: string;
				aliases: string[];
			};
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			onAir: boolean;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
			stakes: {
				smallest: number;
				largest: number;
				share: number;
			};
			strip: {
				symbol: string;
				weight: number;
			}[];
			table: {
				/** @enum {string} */
				match: "three" | "two";
				symbol: string;
				multiplier: number;
			}[];
		};
		CoinSettings: {
			on: boolean;
			word: {
				word: string;
				aliases: string[];
			};
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			onAir: boolean;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
			stakes: {
				smallest: number;
				largest: number;
				share: number;
			};
			multiplier: number;
		};
		CupSettings: {
			on: boolean;
			word: {
				word: string;
				aliases: string[];
			};
			who: {
				everyone: boolean;
				streamer: boolean;
				standings: string[];
				rank: number | null;
				people: number[];
			};
			onAir: boolean;
			limits: {
				everyoneSeconds: number;
				eachSeconds: number;
				perViewer: number;
				perShow: number;
			};
		};
	};
	responses: never;
	parameters: never;
	requestBodies: never;
	headers: never;
	pathItems: never;
}
export type $defs = Record<string, never>;
export type operations = Record<string, never>;
